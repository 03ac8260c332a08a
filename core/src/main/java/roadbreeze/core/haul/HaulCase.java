package roadbreeze.core.haul;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.HeatExchange;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.sizing.Limits;

/**
 * A setup on a trip under limits.
 *
 * @param hysteresis of the thermostat, K
 * @param countsFrom what happens earlier is no worst moment, s
 */
public record HaulCase(
    Setup setup,
    Trip trip,
    HaulRun.Start start,
    double hysteresis,
    Limits limits,
    double countsFrom) {
  /** Engine, oil and tank have forgotten where they began, s. */
  private static final double MEMORY = 900;

  /** A pushed peak may come that much sooner or later, s. */
  private static final double AROUND = 300;

  /** With the usual hysteresis. */
  public HaulCase(Setup setup, Trip trip, HaulRun.Start start, Limits limits) {
    this(setup, trip, start, HaulRun.USUAL_HYSTERESIS, limits, 0);
  }

  public HaulCase with(Trip other) {
    return new HaulCase(setup, other, start, hysteresis, limits, countsFrom);
  }

  public HaulCase with(Setup other) {
    return new HaulCase(other, trip, start, hysteresis, limits, countsFrom);
  }

  /**
   * @throws roadbreeze.core.problem.NotConvergedException if the truck cannot climb there
   */
  public Driven drive() {
    return drive(Assembly.rig(setup), Factors.NOMINAL);
  }

  /** The same where its rig is there already, or stands for it, with the model pushed. */
  public Driven drive(Rig rig, Factors factors) {
    return drive(rig, factors, setup.switchedFans());
  }

  /** The same with fans that are switched otherwise. */
  public Driven drive(Rig rig, Factors factors, List<SwitchedFan> switched) {
    Trace trace = HaulRun.of(rig, factors, trip, start, switched, hysteresis);
    Outcome outcome = Outcome.of(trace.from(countsFrom), trip, setup, rig, limits);
    return new Driven(this, rig, factors, switched, trace, outcome);
  }

  /**
   * What comes of it to two tenths of a kelvin, in less than half the time.
   *
   * @param rig of the setup
   */
  public Outcome outcomeRoughly(Rig rig) {
    Trace trace = HaulRun.roughly(rig, trip, start, setup.switchedFans(), hysteresis);
    return Outcome.of(trace.from(countsFrom), trip, setup, rig, limits);
  }

  /**
   * What came of it.
   *
   * @param switched fans as they were
   */
  public record Driven(
      HaulCase of,
      Rig rig,
      Factors factors,
      List<SwitchedFan> switched,
      Trace trace,
      Outcome outcome) {

    /**
     * Peak of the coolant where the driver turns none of his fans on, °C; empty if it gets nowhere
     * so.
     */
    public OptionalDouble forgotten() {
      double never = FanSwitch.TEMPERATURE.high();
      try {
        Driven without =
            of.drive(
                rig,
                factors,
                switched.stream()
                    .map(f -> f.points().sensor() == FanSensor.DRIVER ? f.later(never) : f)
                    .toList());
        return OptionalDouble.of(without.outcome.coolant().value());
      } catch (RefusedException e) {
        return OptionalDouble.empty();
      }
    }

    /**
     * Driveline, air and heat at a time; empty with the engine off, when nothing flows. What the
     * heats lack is stored, or taken from the store.
     */
    public Optional<Balance> balance(double time) {
      Trace.Moment m = trace.at(time);
      List<Road.Point> points = of.trip.road().points();
      int here = 0;
      while (here + 1 < points.size() && points.get(here + 1).distance() <= m.distance()) {
        here++;
      }
      boolean standing = m.speed() == 0;
      Optional<Road.Stop> stop = points.get(here).stop().filter(s -> standing);
      if (standing && stop.flatMap(Road.Stop::engine).isEmpty()) {
        return Optional.empty();
      }
      if (!standing && here + 1 == points.size()) {
        here--; // its end: still on the way there
      }
      Rig blown =
          HaulRun.blown(
              rig,
              switched,
              trace.running(time)::contains,
              of.trip.habits(here),
              stop.map(Road.Stop::fansDead).orElse(false));
      HeatExchange exchange =
          standing
              ? HeatExchange.standing(
                  blown,
                  factors,
                  of.trip.standing(here, time),
                  stop.orElseThrow().engine().orElseThrow(),
                  m.engagement())
              : HeatExchange.of(
                  blown, factors, of.trip.at(here, m.distance(), time), m.engagement());
      exchange.at(new HeatExchange.State(m.coolant(), m.outletTank(), m.sump(), m.opening()));
      return Optional.of(exchange.result());
    }

    /**
     * The part of it that its worst moments hang on. The first {@link #MEMORY} of it only let a run
     * forget where it began.
     */
    HaulCase near() {
      double first =
          Math.min(
              outcome.coolant().at().time(),
              Math.min(outcome.feed().at().time(), outcome.pan().at().time()));
      double last =
          Math.max(
              outcome.coolant().at().time(),
              Math.max(outcome.feed().at().time(), outcome.pan().at().time()));
      Trace.Moment begin = trace.moments().get(0);
      for (Trace.Moment m : trace.moments()) {
        // Not in the middle of a stop: from the road before it.
        if (m.time() <= first - AROUND - MEMORY && m.speed() > 0) {
          begin = m;
        }
      }
      Trace.Moment end = trace.at(last + AROUND);
      if (begin == trace.moments().get(0)) {
        return of.with(of.trip.between(begin.distance(), end.distance(), 0));
      }
      Trip part = of.trip.between(begin.distance(), end.distance(), begin.time());
      HaulRun.Start from =
          new HaulRun.Start(
              begin.coolant(), begin.outletTank(), begin.sump(), trace.running(begin.time()));
      return new HaulCase(of.setup, part, from, of.hysteresis, of.limits, MEMORY);
    }
  }
}
