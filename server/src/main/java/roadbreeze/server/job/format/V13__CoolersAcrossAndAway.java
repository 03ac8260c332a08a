package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 9 to shape 10. */
@Component
class V13__CoolersAcrossAndAway extends BodiesMigration {
  V13__CoolersAcrossAndAway() {
    super(9);
  }
}
