package roadbreeze.e2e;

import java.util.concurrent.TimeUnit;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestDatabase;
import roadbreeze.server.TestServer;
import roadbreeze.server.job.JobService;

/** The demo yard, filled once with all that is worked out for it, and copied for each that asks. */
final class DemoYard {
  private static final String NAME = "e2e_demo_yard";

  private static boolean filled;

  private DemoYard() {}

  /**
   * @return JDBC URL of a copy
   */
  static synchronized String copy(String database) {
    if (!filled) {
      fill();
      filled = true;
    }
    return TestDatabase.copy(NAME, database);
  }

  private static void fill() {
    try (TestServer server = new TestServer(NAME, "--spring.profiles.active=demo")) {
      awaitWhatComesLast(server.bean(JobService.class));
    }
    TestDatabase.shut(NAME);
  }

  /** A truck is tuned behind everybody's back, after the finished work is made. */
  private static void awaitWhatComesLast(JobService jobs) {
    long until = System.nanoTime() + TimeUnit.MINUTES.toNanos(5);
    while (Jobs.all(jobs).stream().allMatch(j -> j.content().rig().calibrations().isEmpty())) {
      if (System.nanoTime() > until) {
        throw new AssertionError("the demo yard is never whole");
      }
      try {
        Thread.sleep(200);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }
  }
}
