package roadbreeze.core.switching;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Fluid;

/**
 * Other points of one switched fan that mend a finding, driven over the same road: they break no
 * limit that was kept, and add nothing to one that was not.
 *
 * @param place of the fan among the switched ones
 * @param points as they are to be set
 * @param outcome with them
 */
public record BetterPoints(int place, FanSwitch points, Outcome outcome) {
  /** Off stands so much above the thermostat's full opening, K. */
  private static final double ABOVE_FULL = 1;

  /** Between on and off, K. */
  private static final double USUAL_BAND = 5;

  private static final double STEP = 2;

  /** On stays so far under the limit, K. */
  private static final double UNDER_LIMIT = 3;

  /** What adds no heat worth naming, K. */
  private static final double ALIKE = 0.2;

  /** It rests as soon as the thermostat has the coolant in hand. */
  static Optional<BetterPoints> resting(Driven driven, int k, double full) {
    FanSwitch p = driven.switched().get(k).points();
    double off = full + ABOVE_FULL;
    return tried(driven, k, p, Math.max(p.on(), off + USUAL_BAND), off);
  }

  /** On and off stand further apart. */
  static Optional<BetterPoints> wider(Driven driven, int k) {
    FanSwitch p = driven.switched().get(k).points();
    double band = Math.max(USUAL_BAND, p.on() - p.off() + STEP);
    return tried(driven, k, p, p.on(), p.on() - band)
        .or(() -> tried(driven, k, p, p.off() + band, p.off()));
  }

  /** The latest that still keeps the limit, in steps. */
  static Optional<BetterPoints> earlier(Driven driven, int k) {
    FanSwitch p = driven.switched().get(k).points();
    double band = p.on() - p.off();
    Fluid fluid = SwitchCheck.cooledBy(driven.switched().get(k));
    double idle =
        fluid == Fluid.COOLANT
            ? driven.rig().coolantLoop().thermostat().startToOpen()
            : driven.of().limits().overcooledPan();
    double first = Math.min(p.on(), SwitchCheck.limit(driven, p.sensor())) - STEP;
    for (double on = first; on > idle + UNDER_LIMIT; on -= STEP) {
      Optional<BetterPoints> kept =
          tried(driven, k, p, on, on - band).filter(b -> b.outcome.of(fluid).headroom() >= 0);
      if (kept.isPresent()) {
        return kept;
      }
    }
    return Optional.empty();
  }

  static Optional<BetterPoints> moved(Driven driven, int k, double by) {
    FanSwitch p = driven.switched().get(k).points();
    return tried(driven, k, p, p.on() + by, p.off() + by);
  }

  static Optional<BetterPoints> feltBy(Driven driven, int k, FanSensor sensor) {
    FanSwitch p = driven.switched().get(k).points();
    return tried(driven, k, new FanSwitch(p.on(), p.off(), sensor, p.withAirConditioning()));
  }

  static Optional<BetterPoints> withAirConditioning(Driven driven, int k) {
    FanSwitch p = driven.switched().get(k).points();
    return tried(driven, k, new FanSwitch(p.on(), p.off(), p.sensor(), true));
  }

  private static Optional<BetterPoints> tried(
      Driven driven, int k, FanSwitch from, double on, double off) {
    boolean possible =
        on <= SwitchCheck.limit(driven, from.sensor()) - UNDER_LIMIT
            && FanSwitch.TEMPERATURE.contains(on)
            && FanSwitch.TEMPERATURE.contains(off);
    return possible
        ? tried(driven, k, new FanSwitch(on, off, from.sensor(), from.withAirConditioning()))
        : Optional.empty();
  }

  private static Optional<BetterPoints> tried(Driven driven, int k, FanSwitch points) {
    List<SwitchedFan> set = new ArrayList<>(driven.switched());
    SwitchedFan fan = set.get(k);
    set.set(k, new SwitchedFan(fan.index(), fan.name(), points));
    try {
      Driven with = driven.of().drive(driven.rig(), driven.factors(), set);
      double now = driven.outcome().worst().headroom();
      double then = with.outcome().worst().headroom();
      if (then < Math.min(0, now) - ALIKE) {
        return Optional.empty();
      }
      // What a sensor reads too low is set as much lower.
      double late = driven.of().setup().readsLow(points.sensor());
      return Optional.of(new BetterPoints(k, points.later(-late), with.outcome()));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }
}
