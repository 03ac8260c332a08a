package roadbreeze.server.intake;

import java.util.List;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.rig.Vehicle;

/**
 * What a truck of each kind is usually like: where an intake starts before anything is measured.
 * All numbers that the measuring list asks for start as assumed.
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
    JobContent job = JobFormat.shipped("intake/" + file);
    return new Start(job.rig().vehicle().kind(), job);
  }
}
