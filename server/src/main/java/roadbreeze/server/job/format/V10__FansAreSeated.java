package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 7 to shape 8. */
@Component
class V10__FansAreSeated extends BodiesMigration {
  V10__FansAreSeated() {
    super(7);
  }
}
