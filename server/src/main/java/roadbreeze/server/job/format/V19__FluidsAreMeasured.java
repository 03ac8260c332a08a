package roadbreeze.server.job.format;

import org.springframework.stereotype.Component;

/** Takes the bodies of jobs from shape 12 to shape 13. */
@Component
class V19__FluidsAreMeasured extends BodiesMigration {
  V19__FluidsAreMeasured() {
    super(12);
  }
}
