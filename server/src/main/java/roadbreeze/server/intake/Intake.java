package roadbreeze.server.intake;

import java.util.List;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.rig.Vehicle;

/**
 * What a truck of each kind is usually like: where an intake starts before anything is measured.
 * Every number starts as assumed: nobody has entered any.
 */
public final class Intake {
  private Intake() {}

  /**
   * A kind of vehicle to start from.
   *
   * @param job ready to be saved as a new one
   */
  public record Start(Vehicle.Type kind, JobContent job) {}

  static List<Start> starts() {
    return List.of(
        start("petrol-utility"),
        start("diesel-utility"),
        start("medium-diesel"),
        start("plough-pickup"));
  }

  private static Start start(String file) {
    JobContent job = job(file);
    return new Start(job.rig().vehicle().kind(), job);
  }

  /** A truck of a kind before anybody has seen it, as in {@code diesel-utility}. */
  public static JobContent job(String kind) {
    return Assumptions.marked(JobFormat.shipped("intake/" + kind));
  }
}
