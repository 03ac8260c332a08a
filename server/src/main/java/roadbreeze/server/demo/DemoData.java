package roadbreeze.server.demo;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import roadbreeze.server.job.JobService;
import roadbreeze.server.yard.Yard;
import roadbreeze.server.yard.YardService;

/** Fills an empty yard with the demo jobs. */
@Component
@Profile("demo")
class DemoData implements ApplicationRunner {
  private final JobService jobs;
  private final YardService yard;

  DemoData(JobService jobs, YardService yard) {
    this.jobs = jobs;
    this.yard = yard;
  }

  @Override
  public void run(ApplicationArguments args) {
    if (jobs.cards().isEmpty()) {
      DemoWorld.jobs().forEach(jobs::create);
      yard.save(new Yard("Harrowmere Road Services", "EUR", yard.yard().version()));
    }
  }
}
