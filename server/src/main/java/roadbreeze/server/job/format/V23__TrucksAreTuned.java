package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 14 to shape 15. */
@Component
class V23__TrucksAreTuned extends BodiesMigration {
  V23__TrucksAreTuned() {
    super(14);
  }
}
