package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 5 to shape 6. */
@Component
class V8__NosesInSpace extends BodiesMigration {
  V8__NosesInSpace() {
    super(5);
  }
}
