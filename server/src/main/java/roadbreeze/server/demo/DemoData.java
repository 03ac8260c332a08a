package roadbreeze.server.demo;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import roadbreeze.server.job.JobService;

/** Fills an empty yard with the demo jobs. */
@Component
@Profile("demo")
class DemoData implements ApplicationRunner {
  private final JobService jobs;

  DemoData(JobService jobs) {
    this.jobs = jobs;
  }

  @Override
  public void run(ApplicationArguments args) {
    if (jobs.all().isEmpty()) {
      DemoWorld.jobs().forEach(jobs::create);
    }
  }
}
