package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 11 to shape 12. */
@Component
class V15__WorkIsOrdered extends BodiesMigration {
  V15__WorkIsOrdered() {
    super(11);
  }
}
