package roadbreeze.server.demo;

import java.io.IOException;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.stereotype.Component;
import roadbreeze.server.bay.FinishedWork;
import roadbreeze.server.book.DemoBook;
import roadbreeze.server.build.Build;
import roadbreeze.server.followup.FollowedWork;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.proof.TunedTruck;
import roadbreeze.server.run.RunIntake;
import roadbreeze.server.yard.Yard;
import roadbreeze.server.yard.YardService;

/** Fills an empty yard with the demo jobs, where the demo is asked for. */
@Component
class DemoData implements ApplicationRunner {
  private static final Logger LOG = LoggerFactory.getLogger(DemoData.class);

  private final JobService jobs;
  private final YardService yard;
  private final FinishedWork finished;
  private final RunIntake runs;
  private final FollowedWork followed;
  private final DemoBook book;
  private final TunedTruck tuned;
  private final boolean asked;

  DemoData(
      JobService jobs,
      YardService yard,
      FinishedWork finished,
      RunIntake runs,
      FollowedWork followed,
      DemoBook book,
      TunedTruck tuned,
      Environment environment) {
    this.book = book;
    this.tuned = tuned;
    this.followed = followed;
    this.runs = runs;
    this.finished = finished;
    this.jobs = jobs;
    this.yard = yard;
    // Asked when it starts: what a profile switches is fixed at the build.
    asked = environment.acceptsProfiles(Profiles.of("demo"));
  }

  @Override
  public void run(ApplicationArguments args) {
    if (asked && jobs.cards().isEmpty()) {
      List<Job> made = new ArrayList<>();
      for (JobContent job : DemoWorld.jobs()) {
        made.add(jobs.create(job));
      }
      book.fill(made.stream().map(Job::id).toList());
      drive(made.get(0));
      followed.after(made.get(0).id(), DemoDrives.PROVEN);
      yard.save(
          new Yard("Harrowmere Road Services", "EUR", null, 68, 20, 5, yard.yard().version()));
      finish(made.get(made.size() - 1), made.get(0));
    }
  }

  /** One truck was driven before its work and after it. */
  private void drive(Job job) {
    try {
      for (DemoDrives.DemoDrive drive : DemoDrives.of(job.content())) {
        runs.take(job.id(), drive.data(), "logger.csv", drive.file());
      }
    } catch (SQLException | IOException e) {
      throw new IllegalStateException(e);
    }
  }

  /** One job is done and signed, another one's model tuned; nobody waits for it. */
  private void finish(Job job, Job driven) {
    List<Build> builds = job.content().builds();
    Thread work =
        new Thread(
            () -> {
              try {
                finished.on(job.id(), builds.get(builds.size() - 1).id());
                tuned.by(driven.id(), "Ada Ferrow");
              } catch (RuntimeException e) {
                LOG.warn("the demo's finished work could not be made: {}", e.getMessage());
              }
            },
            "demo");
    work.setDaemon(true);
    work.start();
  }
}
