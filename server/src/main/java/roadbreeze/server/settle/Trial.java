package roadbreeze.server.settle;

import roadbreeze.server.haul.Haul;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Build;
import roadbreeze.server.sizing.Assessor;

/** Runs the schools of a dispute on one job, on its own road and on a cold morning. */
record Trial(Assessor assessor, JobContent job) {
  /** A cold morning for the side effects, °C, driven on a level road. */
  static final double COLD_MORNING = -15;

  private static final double COLD_MORNING_KMH = 60;

  Side side(String name, Build build) {
    return new Side(assessor, job, name, build);
  }

  Side onAColdMorning(Build build) {
    Haul level =
        new Haul("cold morning", 0, COLD_MORNING_KMH, COLD_MORNING, job.haul().altitudeM(), false);
    return new Side(assessor, job.withHaul(level), "", build);
  }
}
