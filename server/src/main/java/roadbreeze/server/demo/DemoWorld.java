package roadbreeze.server.demo;

import java.util.List;
import java.util.stream.Stream;
import roadbreeze.server.haul.Journey;
import roadbreeze.server.haul.Road;
import roadbreeze.server.haul.RoadPoint;
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
        .map(job -> job.on(Road.shipped(job.haul())))
        .toList();
  }

  /** The published worked case: utility with its cooler on the climb of Long Tallow. */
  public static BuildRequest workedCase() {
    JobContent job = jobs().get(0);
    return new BuildRequest(job, job.builds().get(2).id());
  }

  /** The published check of a haul: its 14 km of climb with the worked case's switched fan. */
  public static BuildRequest checkHaul() {
    BuildRequest worked = workedCase();
    Journey climb =
        new Journey(
            "Climb of the check",
            List.of(RoadPoint.of("foot", 0, 600, 75), RoadPoint.of("top", 14, 1370, 75)),
            38,
            38,
            15,
            new Journey.StartWarmth(95, 75, 80),
            List.of());
    return new BuildRequest(worked.job().on(worked.job().haul().on(climb)), worked.build());
  }
}
