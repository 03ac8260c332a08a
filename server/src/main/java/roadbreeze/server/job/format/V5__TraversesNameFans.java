package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 3 to shape 4. */
@Component
class V5__TraversesNameFans extends BodiesMigration {
  V5__TraversesNameFans() {
    super(3);
  }
}
