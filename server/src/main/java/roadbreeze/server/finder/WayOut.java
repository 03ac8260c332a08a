package roadbreeze.server.finder;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Reach;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Build;
import roadbreeze.server.sizing.Assessor;

/** How much less of a haul a build would hold: less mass, less speed, cooler air, a lower gear. */
record WayOut(String text) {
  private static final double MASS_STEP = 1;
  private static final double SPEED_STEP = 0.1;
  private static final double TEMPERATURE_STEP = 0.1;

  /** How much cooler a night may be, K. */
  private static final double COOLER = 20;

  static List<WayOut> of(JobContent job, Build build, double coolantLimit) {
    Rig rig = Assessor.rig(job, build);
    OperatingPoint point = job.haul().toCore();
    Limits limits = job.vehicle().limits().toCore();
    List<WayOut> ways = less(job, rig, point, limits, coolantLimit, "");
    int gear = gear(rig, point);
    for (int held = gear - 1; held >= 1; held--) {
      Rig lower = rig.heldIn(held);
      if (Reach.holds(lower, point, limits, coolantLimit)) {
        ways.add(
            say("the selector held in gear %.0f instead of %.0f", (double) held, (double) gear));
        break;
      }
    }
    // Cooler, lighter or slower may let the gearbox shift up and slip more: with the gear held as
    // well.
    for (int held = gear; held >= 1 && ways.isEmpty(); held--) {
      ways.addAll(
          less(
              job,
              rig.heldIn(held),
              point,
              limits,
              coolantLimit,
              String.format(Locale.ROOT, ", held in gear %d", held)));
    }
    return ways;
  }

  private static List<WayOut> less(
      JobContent job,
      Rig rig,
      OperatingPoint point,
      Limits limits,
      double coolantLimit,
      String held) {
    List<WayOut> ways = new ArrayList<>();
    double trailer = job.trailer().massKg();
    double truck = job.vehicle().massKg();
    double heaviest =
        Reach.most(
            trailer / 2,
            trailer,
            MASS_STEP,
            kg -> Reach.holds(rig.withMass(truck + kg), point, limits, coolantLimit));
    if (!Double.isNaN(heaviest)) {
      ways.add(say("a trailer of %.0f kg instead of %.0f kg" + held, heaviest, trailer));
    }
    double speed = job.haul().speedKmh();
    double fastest =
        Reach.most(
            speed / 2,
            speed,
            SPEED_STEP,
            v -> Reach.holds(rig, point.withSpeed(v / 3.6), limits, coolantLimit));
    if (!Double.isNaN(fastest)) {
      ways.add(say("%.0f km/h instead of %.0f km/h" + held, fastest, speed));
    }
    double ambient = job.haul().ambientC();
    double hottest =
        Reach.most(
            ambient - COOLER,
            ambient,
            TEMPERATURE_STEP,
            t -> Reach.holds(rig, point.withAmbient(t), limits, coolantLimit));
    if (!Double.isNaN(hottest)) {
      ways.add(
          say(
              "air of %.0f °C instead of %.0f °C: early morning, or the night" + held,
              hottest,
              ambient));
    }
    return ways;
  }

  private static int gear(Rig rig, OperatingPoint point) {
    return new SteadyBalance(rig).solve(point).driveline().gear();
  }

  private static WayOut say(String format, Object... values) {
    return new WayOut(String.format(Locale.ROOT, format, values));
  }
}
