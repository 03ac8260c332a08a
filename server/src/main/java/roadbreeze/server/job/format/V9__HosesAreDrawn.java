package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 6 to shape 7. */
@Component
class V9__HosesAreDrawn extends BodiesMigration {
  V9__HosesAreDrawn() {
    super(6);
  }
}
