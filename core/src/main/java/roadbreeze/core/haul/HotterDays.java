package roadbreeze.core.haul;

import java.util.List;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Standing;

/**
 * A pushed setup over one road on days that are hotter and hotter. What is over its limits stays
 * so, and headroom shrinks: what a colder day has settled is not driven again. Not thread-safe.
 */
public final class HotterDays {
  // Headroom falls no faster than this from day to day, K/K and K; our own, held by a test.
  private static final double FALLS = 2;
  private static final double JUMPS = 3;

  /**
   * How it stands on a day.
   *
   * @param nearest to its limit in nine of ten
   * @param sure headroom of that, K
   */
  public record Day(Standing standing, Fluid nearest, double sure) {}

  /** What was driven last of the coolant, or of the oil. */
  private static final class Known {
    private Fluid fluid;
    private double sure;
    private double hottest;

    private Known() {
      forget();
    }

    private void forget() {
      sure = Double.NEGATIVE_INFINITY;
    }

    private void tell(Fluid nearest, double headroom, double day) {
      fluid = nearest;
      sure = headroom;
      hottest = day;
    }

    /** Headroom that it can have come down to by now, K. */
    private double least(double day) {
      return sure - FALLS * (day - hottest) - JUMPS;
    }
  }

  private final PushedHaul pushed;
  private final Known coolant = new Known();
  private final Known oil = new Known();
  private List<Trip.Change> driving = List.of();
  private boolean over;

  public HotterDays(PushedHaul pushed) {
    this.pushed = pushed;
  }

  /**
   * @param day as hot as the one before, or hotter
   * @throws roadbreeze.core.problem.NotConvergedException if it cannot drive there on such a day
   */
  public Day on(HaulCase day) {
    double hottest = day.trip().weather().hottest();
    if (!day.trip().driving().equals(driving)) {
      // Air conditioning takes air, and fans may follow it: with it all is new.
      driving = day.trip().driving();
      coolant.forget();
      oil.forget();
      over = false;
    }
    // The one that was nearer first: it may settle that the other is not.
    Known first = oil.sure < coolant.sure ? oil : coolant;
    Known other = first == oil ? coolant : oil;
    drive(first, day, hottest);
    if (other.least(hottest) <= first.sure) {
      drive(other, day, hottest);
    }
    Known nearest = first.sure <= other.sure ? first : other;
    Standing standing = standing(nearest.sure, day);
    over |= standing == Standing.OVER;
    return new Day(standing, nearest.fluid, nearest.sure);
  }

  /** What holds in nine of ten holds as it is. */
  private Standing standing(double sure, HaulCase day) {
    if (sure >= 0) {
      return Standing.HOLDS;
    }
    return !over && day.drive().outcome().keepsLimits() ? Standing.MARGINAL : Standing.OVER;
  }

  private void drive(Known known, HaulCase day, double hottest) {
    if (known == coolant) {
      coolant.tell(Fluid.COOLANT, pushed.coolant(day).headroom(), hottest);
      return;
    }
    Outcome outcome = pushed.oil(day);
    Fluid nearest = outcome.pan().headroom() <= outcome.feed().headroom() ? Fluid.PAN : Fluid.FEED;
    oil.tell(nearest, outcome.of(nearest).headroom(), hottest);
  }
}
