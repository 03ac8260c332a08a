package roadbreeze.core.roadlog;

import java.util.Optional;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.sizing.Fluid;

/** A proved drive carried over to another day: what was measured, with the model's change of it. */
public final class HotDay {
  /** What the model says of the other air may be off by so much of what it says (-); own. */
  private static final double MODEL_OFF = 0.15;

  private HotDay() {}

  /**
   * @param day °C
   * @return empty where nothing is shown, or the model has no such day
   */
  public static Optional<Finding> of(EqualTerms terms, EqualTerms.Side after, double day) {
    if (!terms.shown() || terms.after().isEmpty()) {
      return Optional.empty();
    }
    Fluid fluid = terms.fluid();
    SteadyWindow hottest = after.windows().get(terms.after().get(0));
    for (int i : terms.after()) {
      SteadyWindow w = after.windows().get(i);
      hottest = w.of(fluid).mean() > hottest.of(fluid).mean() ? w : hottest;
    }
    if (hottest.stands()) {
      return Optional.empty();
    }
    try {
      double change =
          fluid.of(hottest.balance(after.setup(), hottest.at().withAmbient(day)))
              - fluid.of(hottest.balance(after.setup(), hottest.at()));
      double now = hottest.of(fluid).mean() + change;
      double before = now + terms.more() * (now - day);
      double spread = Math.hypot(SteadyWindow.SENSOR, MODEL_OFF * change);
      return Optional.of(ProofSays.ON_HOT_DAY.with(day, now, before, spread));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }
}
