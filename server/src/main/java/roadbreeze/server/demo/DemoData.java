package roadbreeze.server.demo;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Component;
import roadbreeze.server.job.JobService;
import roadbreeze.server.yard.Yard;
import roadbreeze.server.yard.YardService;

/** Fills an empty yard with the demo jobs, where the demo is asked for. */
@Component
class DemoData implements ApplicationRunner {
  private final JobService jobs;
  private final YardService yard;
  private final boolean asked;

  DemoData(JobService jobs, YardService yard, Environment environment) {
    this.jobs = jobs;
    this.yard = yard;
    // Asked when it starts: what a profile switches is fixed at the build.
    asked = environment.acceptsProfiles(Profiles.of("demo"));
  }

  @Override
  public void run(ApplicationArguments args) {
    if (asked && jobs.cards().isEmpty()) {
      DemoWorld.jobs().forEach(jobs::create);
      yard.save(
          new Yard("Harrowmere Road Services", "EUR", null, 68, 20, 5, yard.yard().version()));
    }
  }
}
