package roadbreeze.server.demo;

import java.util.List;
import java.util.stream.Stream;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.format.JobFormat;

/** Rigs of the demo yard and the worked case of the API document. */
public final class DemoWorld {
  private DemoWorld() {}

  /** The jobs that the yard opens with. */
  public static List<JobContent> jobs() {
    return Stream.of("hive-utility", "tilt-tray", "bucket-truck", "plough-pickup")
        .map(name -> JobFormat.shipped("demo/" + name))
        .toList();
  }

  /** The published worked case: utility with its cooler on the climb of Long Tallow. */
  public static BuildRequest workedCase() {
    JobContent job = jobs().get(0);
    return new BuildRequest(job, job.builds().get(2).id());
  }
}
