package roadbreeze.core.haul;

import java.util.List;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.vehicle.Engine;

/**
 * What a haul comes to: the worst moment under each limit, how long each was passed, and what it
 * took.
 *
 * @param seconds over the road, stops with them
 * @param oilLife hours at 80 °C that age the oil as much
 * @param fanEnergy of electric fans, J
 * @param loud with a fan above 70 % of its highest speed, s
 * @param fuel all of it, m³
 * @param fanFuel of it for fans, m³
 * @param airConditioningFuel of it, m³
 */
public record Outcome(
    Peak coolant,
    Peak feed,
    Peak pan,
    double seconds,
    double oilLife,
    double fanEnergy,
    double loud,
    double fuel,
    double fanFuel,
    double airConditioningFuel) {

  // A limit is broken by what lasts: the pan's oil by two minutes of it, the rest by seconds, s.
  public static final double PAN_MEAN = 120;
  public static final double SHORT_MEAN = 5;

  // A rule of thumb: oil lives half as long for each so many kelvin above.
  private static final double AGES_FROM = 80;
  private static final double HALVES_EACH = 11;

  /** Of its highest speed: from there on a fan is loud; our own. */
  public static final double LOUD = 0.7;

  private static final double HOUR = 3600;
  private static final double MINUTE = 60;
  private static final double KWH = 3.6e6;

  /** A kilowatt-hour counts as much as so many loud minutes; our own. */
  private static final double MINUTES_PER_KWH = 20;

  /** Of an alternator; usual. */
  private static final double ALTERNATOR = 0.6;

  // Heat in a cubic metre of fuel, J.
  private static final double PETROL = 32.0e9;
  private static final double DIESEL = 35.9e9;

  private static final double BOILING_STEP = 50;

  /** The moment of least headroom of the three. */
  public Peak worst() {
    Peak worst = coolant;
    for (Peak peak : List.of(feed, pan)) {
      worst = peak.headroom() < worst.headroom() ? peak : worst;
    }
    return worst;
  }

  /** Every limit is kept at its worst moment. */
  public boolean keepsLimits() {
    return worst().headroom() >= 0;
  }

  /** Noise and electric energy of the fans as one, minutes. */
  public double bother() {
    return loud / MINUTE + MINUTES_PER_KWH * fanEnergy / KWH;
  }

  /**
   * The moment of least headroom.
   *
   * @param value mean over the limit's time, °C
   * @param limit that counts there, °C
   * @param at the middle of it
   * @param over how long the limit was passed in all, s
   */
  public record Peak(double value, double limit, Trace.Moment at, double over) {
    /** K; negative when over. */
    public double headroom() {
      return limit - value;
    }
  }

  /** Of the trace of a setup's rig on a trip. */
  public static Outcome of(Trace trace, Trip trip, Setup setup, Rig rig, Limits limits) {
    ToDoubleFunction<Trace.Moment> coolantLimit = coolantLimit(trace, setup, limits);
    Engine.Kind engine = rig.powertrain().engine().kind();
    double inFuel = engine == Engine.Kind.PETROL ? PETROL : DIESEL;
    double perWork = 1 / engine.indicatedEfficiency() / inFuel;
    double compressor = rig.accessories().airConditioningPower();
    return new Outcome(
        peak(trace, Trace.Moment::coolant, coolantLimit, SHORT_MEAN),
        peak(trace, Trace.Moment::feed, m -> limits.feed(), SHORT_MEAN),
        peak(trace, Trace.Moment::sump, m -> limits.pan(), PAN_MEAN),
        trace.last().time(),
        trace.integral(m -> ageing(m.sump())) / HOUR,
        trace.integral(m -> m.fans().electric()),
        trace.over(m -> m.fans().fastest() - LOUD),
        trace.integral(Trace.Moment::fuelPower) / inFuel,
        perWork * trace.integral(m -> m.fans().belt() + m.fans().electric() / ALTERNATOR),
        perWork
            * trace.integral(
                m -> m.engineRpm() > 0 && trip.airConditioning(m.distance()) ? compressor : 0));
  }

  /**
   * How fast oil ages at a temperature against 80 °C (-): a rule of thumb.
   *
   * @param temperature °C
   */
  public static double ageing(double temperature) {
    return Math.pow(2, (temperature - AGES_FROM) / HALVES_EACH);
  }

  public Peak of(Fluid fluid) {
    return switch (fluid) {
      case COOLANT -> coolant;
      case FEED -> feed;
      case PAN -> pan;
    };
  }

  /** The coolant's limit at each moment: it boils earlier where the road is high. */
  public static ToDoubleFunction<Trace.Moment> coolantLimit(
      Trace trace, Setup setup, Limits limits) {
    double lowest =
        trace.moments().stream().mapToDouble(Trace.Moment::elevation).min().orElseThrow();
    double highest =
        trace.moments().stream().mapToDouble(Trace.Moment::elevation).max().orElseThrow();
    double[] known = new double[2 + (int) ((highest - lowest) / BOILING_STEP)];
    for (int i = 0; i < known.length; i++) {
      known[i] = limits.coolantUnder(setup.boilingPoint(lowest + i * BOILING_STEP));
    }
    return m -> {
      double place = (m.elevation() - lowest) / BOILING_STEP;
      int i = (int) place;
      return known[i] + (place - i) * (known[i + 1] - known[i]);
    };
  }

  private static Peak peak(
      Trace trace,
      ToDoubleFunction<Trace.Moment> what,
      ToDoubleFunction<Trace.Moment> limit,
      double window) {
    ToDoubleFunction<Trace.Moment> past = m -> what.applyAsDouble(m) - limit.applyAsDouble(m);
    Trace.Peak worst = trace.worst(past, window);
    Trace.Moment at = trace.at(worst.time());
    double there = limit.applyAsDouble(at);
    return new Peak(there + worst.value(), there, at, trace.over(past));
  }
}
