package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 2 to shape 3. */
@Component
class V3__BuildsOwnMore extends BodiesMigration {
  V3__BuildsOwnMore() {
    super(2);
  }
}
