package roadbreeze.core.haul;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.explain.Name;

/**
 * What a haul did, moment by moment, and when fans switched.
 *
 * @param moments from the start on, at most a few seconds apart
 * @param ledger the heat of all of it
 */
public record Trace(List<Moment> moments, List<Switching> switchings, Ledger ledger) {
  /**
   * Heat over the whole haul, J: what came in, what was shed, and what engine, tank and sump hold
   * more at the end.
   */
  public record Ledger(double in, double shed, double stored) {}

  public Trace {
    moments = List.copyOf(moments);
    switchings = List.copyOf(switchings);
  }

  /**
   * One moment.
   *
   * @param time since the start, s
   * @param distance driven, m
   * @param elevation m
   * @param ambient °C
   * @param speed held, m/s
   * @param gear 0 in neutral and with the engine off
   * @param locked the converter is
   * @param engineRpm 0 with the engine off
   * @param fuelPower W
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
      double elevation,
      double ambient,
      double speed,
      int gear,
      boolean locked,
      double engineRpm,
      double fuelPower,
      double coolant,
      double outletTank,
      double sump,
      double feed,
      double opening,
      double engagement,
      Fans fans) {
    /** The same so much later, s. */
    public Moment later(double by) {
      return new Moment(
          time + by,
          distance,
          elevation,
          ambient,
          speed,
          gear,
          locked,
          engineRpm,
          fuelPower,
          coolant,
          outletTank,
          sump,
          feed,
          opening,
          engagement,
          fans);
    }
  }

  /**
   * Fans at a moment, in the order of the rig's.
   *
   * @param share of the highest speed that each can have (-)
   * @param electric power, W
   * @param belt power, W
   */
  public record Fans(double[] share, double electric, double belt) {
    /** The fastest of them (-). */
    public double fastest() {
      double most = 0;
      for (double s : share) {
        most = Math.max(most, s);
      }
      return most;
    }
  }

  /**
   * A fan that switched.
   *
   * @param time since the start, s
   * @param place among the switched fans
   */
  public record Switching(double time, int place, Name fan, boolean on) {}

  /** The switched fans that run at a time, by their places among these. */
  List<Integer> running(double time) {
    Map<Integer, Boolean> last = new TreeMap<>();
    for (Switching s : switchings) {
      if (s.time() <= time) {
        last.put(s.place(), s.on());
      }
    }
    return last.entrySet().stream().filter(Map.Entry::getValue).map(Map.Entry::getKey).toList();
  }

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
    Moment near = share < 0.5 ? a : b;
    return new Moment(
        time,
        between(a.distance, b.distance, share),
        between(a.elevation, b.elevation, share),
        between(a.ambient, b.ambient, share),
        between(a.speed, b.speed, share),
        near.gear,
        near.locked,
        between(a.engineRpm, b.engineRpm, share),
        between(a.fuelPower, b.fuelPower, share),
        between(a.coolant, b.coolant, share),
        between(a.outletTank, b.outletTank, share),
        between(a.sump, b.sump, share),
        between(a.feed, b.feed, share),
        between(a.opening, b.opening, share),
        between(a.engagement, b.engagement, share),
        near.fans);
  }

  /** The whole of it over time: {@code ∫ what dt}. */
  public double integral(ToDoubleFunction<Moment> what) {
    double sum = 0;
    for (int i = 1; i < moments.size(); i++) {
      Moment a = moments.get(i - 1);
      Moment b = moments.get(i);
      sum += (b.time() - a.time()) * (what.applyAsDouble(a) + what.applyAsDouble(b)) / 2;
    }
    return sum;
  }

  /** How long something is over zero, s; between moments it changes evenly. */
  public double over(ToDoubleFunction<Moment> what) {
    double sum = 0;
    for (int i = 1; i < moments.size(); i++) {
      double a = what.applyAsDouble(moments.get(i - 1));
      double b = what.applyAsDouble(moments.get(i));
      double most = Math.max(a, b);
      double least = Math.min(a, b);
      double share = least >= 0 ? 1 : most <= 0 ? 0 : most / (most - least);
      sum += share * (moments.get(i).time() - moments.get(i - 1).time());
    }
    return sum;
  }

  /** What is left of it from a time on. */
  Trace from(double time) {
    List<Moment> left = moments.stream().filter(m -> m.time() >= time).toList();
    return time <= 0 || left.isEmpty() ? this : new Trace(left, switchings, ledger);
  }

  public Moment last() {
    return moments.get(moments.size() - 1);
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
