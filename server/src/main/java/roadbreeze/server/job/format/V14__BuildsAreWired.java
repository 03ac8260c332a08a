package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 10 to shape 11. */
@Component
class V14__BuildsAreWired extends BodiesMigration {
  V14__BuildsAreWired() {
    super(10);
  }
}
