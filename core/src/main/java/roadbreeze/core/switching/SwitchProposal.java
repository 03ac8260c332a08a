package roadbreeze.core.switching;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.haul.HaulBand;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margin;

/**
 * Switch points tried over a road: all switched fans of the pack together, the second and later
 * ones a few kelvin above the first, each with every usual hysteresis. A fan of an oil cooler's own
 * stays as it is set.
 *
 * @param tried in the order of their on-points
 * @param today as it is set
 * @param best keeps every limit in nine of ten at the least noise and energy; empty where none does
 */
public record SwitchProposal(List<Option> tried, Option today, Optional<Option> best) {
  private static final double[] BANDS = {3, 5, 8};
  private static final double STEP = 2;

  /** A later stage comes so much above the one before, K. */
  public static final double NEXT_STAGE = 4;

  /** The first switch comes no nearer above the thermostat's start, K. */
  private static final double ABOVE_START = 3;

  /**
   * Points that were tried.
   *
   * @param on of the first fan, °C
   * @param off of the first fan, °C
   * @param sure least headroom of the three limits in nine cases of ten, K
   * @param starts of all switched fans
   * @param perHour starts of the one that starts most, from where it first came on
   */
  public record Option(
      double on, double off, double sure, Outcome outcome, int starts, double perHour) {}

  /**
   * @param driven with at least one switched fan of the pack
   * @param band of its worst moments; that of other switch points is taken to be the same
   */
  public static SwitchProposal of(Driven driven, HaulBand band) {
    List<SwitchedFan> switched = driven.switched();
    Thermostat thermostat = driven.rig().coolantLoop().thermostat();
    double limit = driven.outcome().coolant().limit();
    List<double[]> points = new ArrayList<>();
    for (double on = thermostat.startToOpen() + ABOVE_START; on < limit; on += STEP) {
      for (double width : BANDS) {
        points.add(new double[] {on, on - width});
      }
    }
    List<Option> tried =
        points.parallelStream()
            .map(p -> option(with(driven, switched, p[0], p[1]), band, p[0], p[1]))
            .toList();
    FanSwitch first =
        switched.stream().filter(f -> !f.ofCooler()).findFirst().orElseThrow().points();
    Option today = option(driven, band, first.on(), first.off());
    return new SwitchProposal(
        tried,
        today,
        tried.stream()
            .filter(o -> o.sure() >= 0 && o.perHour() <= SwitchCheck.OFTEN)
            .min(
                Comparator.comparingDouble((Option o) -> o.outcome().bother())
                    .thenComparing(Comparator.comparingDouble(Option::sure).reversed())));
  }

  /** The same road with the first fan switched so, and the others above it. */
  private static Driven with(Driven driven, List<SwitchedFan> switched, double on, double off) {
    List<SwitchedFan> set = new ArrayList<>();
    double up = -NEXT_STAGE;
    for (SwitchedFan fan : switched) {
      if (fan.ofCooler()) {
        set.add(fan);
        continue;
      }
      up += NEXT_STAGE;
      double at = Math.min(FanSwitch.TEMPERATURE.high(), on + up);
      set.add(
          new SwitchedFan(
              fan.index(),
              fan.name(),
              new FanSwitch(
                  at, at - (on - off), fan.points().sensor(), fan.points().withAirConditioning())));
    }
    return driven.of().drive(driven.rig(), driven.factors(), set);
  }

  private static Option option(Driven driven, HaulBand band, double on, double off) {
    Outcome o = driven.outcome();
    double sure = Double.POSITIVE_INFINITY;
    for (Fluid fluid : Fluid.values()) {
      Margin margin = band.margin(fluid, o);
      // Where a switch holds the coolant its own tolerance is all there is; never less than that.
      Margin held =
          fluid == Fluid.COOLANT
              ? new Margin(
                  margin.peak(), margin.limit(), Math.max(margin.band(), FanSwitch.TOLERANCE))
              : margin;
      sure = Math.min(sure, held.sureHeadroom());
    }
    double perHour =
        SwitchCheck.duties(driven).stream()
            .mapToDouble(SwitchCheck.Duty::startsPerHour)
            .max()
            .orElse(0);
    int starts = (int) driven.trace().switchings().stream().filter(s -> s.on()).count();
    return new Option(on, off, sure, o, starts, perHour);
  }
}
