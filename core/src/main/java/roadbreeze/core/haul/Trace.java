package roadbreeze.core.haul;

import java.util.List;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.explain.Name;

/**
 * What a haul did, moment by moment, and when fans switched.
 *
 * @param moments from the start on, at most a few seconds apart
 */
public record Trace(List<Moment> moments, List<Switching> switchings) {
  public Trace {
    moments = List.copyOf(moments);
    switchings = List.copyOf(switchings);
  }

  /**
   * One moment.
   *
   * @param time since the start, s
   * @param distance driven, m
   * @param speed held, m/s
   * @param gear 0 in neutral
   * @param coolant leaving the engine, °C
   * @param outletTank of the radiator, °C
   * @param sump oil in the pan, °C
   * @param feed oil leaving for the coolers, °C
   * @param opening of the thermostat (-)
   * @param engagement of a clutched fan (-)
   */
  public record Moment(
      double time,
      double distance,
      double speed,
      int gear,
      double coolant,
      double outletTank,
      double sump,
      double feed,
      double opening,
      double engagement) {}

  /**
   * A fan that switched.
   *
   * @param time since the start, s
   */
  public record Switching(double time, Name fan, boolean on) {}

  /** The moment at a time, between those that are kept; the ends beyond them. */
  public Moment at(double time) {
    int after = 0;
    while (after < moments.size() && moments.get(after).time() < time) {
      after++;
    }
    if (after == 0) {
      return moments.get(0);
    }
    if (after == moments.size()) {
      return moments.get(after - 1);
    }
    Moment a = moments.get(after - 1);
    Moment b = moments.get(after);
    double share = b.time() > a.time() ? (time - a.time()) / (b.time() - a.time()) : 1;
    return new Moment(
        time,
        between(a.distance, b.distance, share),
        between(a.speed, b.speed, share),
        share < 0.5 ? a.gear : b.gear,
        between(a.coolant, b.coolant, share),
        between(a.outletTank, b.outletTank, share),
        between(a.sump, b.sump, share),
        between(a.feed, b.feed, share),
        between(a.opening, b.opening, share),
        between(a.engagement, b.engagement, share));
  }

  /**
   * A worst mean.
   *
   * @param time the middle of it, s
   */
  public record Peak(double value, double time) {}

  /**
   * The highest mean of something over so long, or over all of a shorter haul.
   *
   * @param window s
   */
  public Peak worst(ToDoubleFunction<Moment> what, double window) {
    int n = moments.size();
    double[] sum = new double[n];
    for (int i = 1; i < n; i++) {
      Moment a = moments.get(i - 1);
      Moment b = moments.get(i);
      sum[i] =
          sum[i - 1] + (b.time() - a.time()) * (what.applyAsDouble(a) + what.applyAsDouble(b)) / 2;
    }
    double start = moments.get(0).time();
    double length = Math.min(window, moments.get(n - 1).time() - start);
    if (!(length > 0)) {
      return new Peak(what.applyAsDouble(moments.get(0)), start);
    }
    Peak worst = new Peak(Double.NEGATIVE_INFINITY, start);
    int from = 0;
    for (int i = 0; i < n; i++) {
      double begin = moments.get(i).time() - length;
      if (begin < start - 1e-9) {
        continue;
      }
      while (from + 1 < n && moments.get(from + 1).time() <= begin) {
        from++;
      }
      Moment a = moments.get(from);
      Moment b = moments.get(Math.min(from + 1, n - 1));
      double left = begin - a.time();
      double slope =
          b.time() > a.time()
              ? (what.applyAsDouble(b) - what.applyAsDouble(a)) / (b.time() - a.time())
              : 0;
      double before = sum[from] + left * (what.applyAsDouble(a) + slope * left / 2);
      double mean = (sum[i] - before) / length;
      if (mean > worst.value()) {
        worst = new Peak(mean, begin + length / 2);
      }
    }
    return worst;
  }

  private static double between(double a, double b, double share) {
    return a + share * (b - a);
  }
}
