package roadbreeze.server.demo;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.rig.Assembly;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.run.Run;

/**
 * Drives of the demo yard's utility as its logger would have recorded them: the model's own, off by
 * what no sheet of this truck says, on other days, with a logger's noise.
 */
public final class DemoDrives {
  /** What this truck is beside what is entered; a calibration finds what it can of it. */
  static final Factors TRUCK =
      Factors.NOMINAL
          .with(Factor.COOLANT_SHARE, 0.93)
          .with(Factor.CORE_CONDUCTANCE, 1.04)
          .with(Factor.DRAG_AREA, 1.06)
          .with(Factor.OIL_FLOW, 0.88);

  /** When its work was done: with the cooler on it drives a day later. */
  static final LocalDate PROVEN = LocalDate.of(2026, 8, 28);

  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm:ss");

  private DemoDrives() {}

  /**
   * A drive.
   *
   * @param file of its logger
   */
  public record DemoDrive(Run.RunData data, String file) {}

  /** Before the work, after it, and once more in another season. */
  public static List<DemoDrive> of(JobContent job) {
    Build found = job.found();
    Build plan = job.builds().get(2);
    return List.of(
        drive(job, found, "Long Tallow, as it came", Run.Sort.BEFORE, 32, "2026-07-18 13:20:00", 7),
        drive(
            job,
            plan,
            "Long Tallow, with the cooler",
            Run.Sort.AFTER,
            34,
            "2026-08-29 14:05:00",
            8),
        drive(job, plan, "Long Tallow, in autumn", Run.Sort.OTHER, 24, "2026-10-24 11:40:00", 9));
  }

  private static DemoDrive drive(
      JobContent job,
      Build build,
      String name,
      Run.Sort sort,
      double hottest,
      String began,
      long seed) {
    JobContent then = job.on(job.haul().on(job.haul().journey().on(hottest, 14.0)));
    HaulCase haul = then.driven(build);
    Trace trace =
        HaulRun.of(
            Assembly.rig(haul.setup()),
            TRUCK,
            haul.trip().ramped(),
            haul.start(),
            haul.setup().switchedFans(),
            HaulRun.USUAL_HYSTERESIS);
    return new DemoDrive(
        new Run.RunData(name, sort, build.id(), null, null, null, null, List.of(), ""),
        csv(trace, job.haul().airConditioning(), LocalDateTime.parse(began, STAMP), seed));
  }

  /** A row a second, as a phone with a reader and a barometer writes it. */
  static String csv(Trace trace, boolean airConditioning, LocalDateTime began, long seed) {
    Random by = new Random(seed);
    StringBuilder text =
        new StringBuilder(
            "Device Time,Coolant (°C),Trans pan (°C),Trans feed (°C),Outside air (°C),"
                + "Speed (km/h),Engine (rpm),Barometer (hPa),A/C,Volts (V)\n");
    double end = trace.last().time();
    for (double t = 0; t <= end; t++) {
      Trace.Moment m = trace.at(t);
      boolean fan = m.fans().fastest() > 0.3;
      text.append(
          String.format(
              Locale.ROOT,
              "%s,%.1f,%.1f,%.1f,%.1f,%.1f,%.0f,%.2f,%d,%.2f%n",
              STAMP.format(began.plusSeconds((long) t)),
              m.coolant() + 0.3 * by.nextGaussian(),
              m.sump() + 0.3 * by.nextGaussian(),
              m.feed() + 0.4 * by.nextGaussian(),
              m.ambient() + 0.3 * by.nextGaussian(),
              Math.max(0, 3.6 * m.speed() + (m.speed() > 0 ? 0.4 * by.nextGaussian() : 0)),
              Math.max(0, m.engineRpm() + (m.engineRpm() > 0 ? 10 * by.nextGaussian() : 0)),
              (Air.standardPressure(m.elevation()) + 12 * by.nextGaussian()) / 100,
              airConditioning ? 1 : 0,
              (fan ? 13.7 : 14.0) + 0.03 * by.nextGaussian()));
    }
    return text.toString();
  }
}
