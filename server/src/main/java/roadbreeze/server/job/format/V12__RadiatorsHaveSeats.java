package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 8 to shape 9. */
@Component
class V12__RadiatorsHaveSeats extends BodiesMigration {
  V12__RadiatorsHaveSeats() {
    super(8);
  }
}
