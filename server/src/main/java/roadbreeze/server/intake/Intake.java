package roadbreeze.server.intake;

import java.util.List;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobFile;
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
  public record Start(Vehicle.Kind kind, String label, JobContent job) {}

  static List<Start> starts() {
    return List.of(
        start("petrol-utility", "Petrol utility or pickup"),
        start("diesel-utility", "Diesel utility or pickup"),
        start("medium-diesel", "Medium diesel truck"),
        start("plough-pickup", "Plough pickup"));
  }

  private static Start start(String file, String label) {
    JobContent job = JobFile.shipped("intake/" + file);
    return new Start(job.vehicle().kind(), label, job);
  }
}
