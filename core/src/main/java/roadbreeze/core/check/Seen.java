package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;

/**
 * What can be seen of a truck that is driven so until it settles.
 *
 * @param coolant °C; no higher than where it boils over
 * @param boiling where it boils under its cap, °C
 * @param fan share of its full speed that the main fan turns at
 */
record Seen(double coolant, double feed, double pan, double boiling, double fan) {
  /** Coolant that boils carries its heat off through the cap, K over its boiling point. */
  private static final double OVER_BOILING = 4;

  /** Where no steady state is found nothing sheds the heat, °C. */
  private static final double RUNS_AWAY = 200;

  /** At several points in turn. */
  static List<Seen> of(Setup setup, Factors factors, List<OperatingPoint> points) {
    Rig rig = Assembly.rig(setup);
    List<SwitchedFan> switched = setup.switchedFans();
    SteadyBalance blown = new SteadyBalance(rig, factors).quiet();
    Optional<SteadyBalance> rested =
        switched.isEmpty()
            ? Optional.empty()
            : Optional.of(
                new SteadyBalance(
                        rig.withResting(fan -> switched.stream().anyMatch(s -> s.index() == fan)),
                        factors)
                    .quiet());
    List<Seen> seen = new ArrayList<>();
    for (OperatingPoint point : points) {
      Seen on = at(blown, setup, rig, point);
      seen.add(
          rested.isEmpty()
              ? on
              : switched(on, rested.get(), switched.get(0).points(), setup, rig, point));
    }
    return seen;
  }

  /** A fan that starts at rest comes, stays away, or comes and goes. */
  private static Seen switched(
      Seen on, SteadyBalance rested, FanSwitch points, Setup setup, Rig rig, OperatingPoint point) {
    if (on.coolant >= points.on()) {
      return on;
    }
    Seen off = at(rested, setup, rig, point);
    if (off.coolant < points.on()) {
      return off;
    }
    if (on.coolant > points.off()) {
      return on;
    }
    double middle = (points.on() + points.off()) / 2;
    double share = Math.max(0, Math.min(1, (off.coolant - middle) / (off.coolant - on.coolant)));
    return new Seen(
        middle,
        off.feed + share * (on.feed - off.feed),
        off.pan + share * (on.pan - off.pan),
        on.boiling,
        share * on.fan);
  }

  private static Seen at(SteadyBalance solver, Setup setup, Rig rig, OperatingPoint point) {
    double boiling = setup.boilingPoint(point.altitude());
    try {
      Balance b = solver.solve(point);
      return new Seen(
          Math.min(b.coolant(), boiling + OVER_BOILING), b.feed(), b.sump(), boiling, fan(rig, b));
    } catch (NotConvergedException e) {
      return new Seen(boiling + OVER_BOILING, RUNS_AWAY, RUNS_AWAY, boiling, 1);
    }
  }

  private static double fan(Rig rig, Balance b) {
    if (rig.fanSettings().isEmpty()) {
      return 0;
    }
    double turns = b.fanSpeedRatio()[0];
    return rig.fanSettings().get(0).drive() instanceof FanDrive.Clutched
        ? b.fanEngagement() * rig.fanSettings().get(0).condition()
        : Math.min(1, turns);
  }
}
