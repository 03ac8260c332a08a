package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 4 to shape 5. */
@Component
class V6__HaulsAreRoads extends BodiesMigration {
  V6__HaulsAreRoads() {
    super(4);
  }
}
