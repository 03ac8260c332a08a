package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 13 to shape 14. */
@Component
class V21__ProbesAreHeld extends BodiesMigration {
  V21__ProbesAreHeld() {
    super(13);
  }
}
