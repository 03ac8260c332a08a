package roadbreeze.core.roadlog;

import java.util.List;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Margin;

/**
 * Temperatures that somebody read off a gauge on the road, and wrote down.
 *
 * @param time since the run began, s
 * @param at what was driven
 * @param fans share of the switched ones that ran; not a number where nobody knows
 * @param knownAir whether the air conditioning ran is known
 * @param coolant °C, as the next two; not a number where it was not read
 * @param error of a reading, nine in ten, K
 * @param steady how long nothing had moved, s
 */
public record ReadMoment(
    double time,
    OperatingPoint at,
    boolean stands,
    double fans,
    boolean knownAir,
    double coolant,
    double pan,
    double feed,
    double error,
    double steady) {
  /** Of a grade that somebody estimated, or has from a map, nine in ten, rise over run; own. */
  private static final double GRADE_ERROR = 0.006;

  /** It can be held against windows of a log, less surely; silent where it had not settled. */
  public SteadyWindow window(Setup setup) {
    int switched = setup.switchedFans().size();
    List<Integer> on = IntStream.range(0, fans >= 0.5 ? switched : 0).boxed().toList();
    return new SteadyWindow(
        time - steady,
        time,
        stands,
        at,
        switched == 0 ? 1 : fans,
        knownAir,
        Double.NaN,
        held(coolant),
        held(pan),
        held(feed),
        WindowHeat.of(setup, at, stands, on, GRADE_ERROR, new WindowHeat.Warm(coolant, pan, feed)));
  }

  private SteadyWindow.Held held(double read) {
    if (Double.isNaN(read)) {
      return SteadyWindow.Held.NONE;
    }
    boolean rests = steady >= WindowFinder.SHORTEST;
    return new SteadyWindow.Held(read, 0, error / Margin.NINE_IN_TEN, rests, rests);
  }
}
