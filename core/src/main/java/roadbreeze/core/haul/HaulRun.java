package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.hipparchus.ode.ODEIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;
import org.hipparchus.ode.sampling.ODEStateInterpolator;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.HeatExchange;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.switching.FanSwitch;
import roadbreeze.core.switching.SwitchedFan;
import roadbreeze.core.vehicle.Powertrain;

/**
 * A rig on a trip. Heat is stored in the engine with its coolant, in the radiator with its outlet
 * tank and in the sump with the gearbox's case; the thermostat's wax and a fan's clutch lag behind.
 * Driveline, air and altitude are taken anew at each step of the integration, at most {@link
 * #LONGEST_STEP} apart; points of the road and switching fans end a step where they lie. Speed is
 * what is asked or can be held, without inertia. Not thread-safe.
 */
public final class HaulRun {
  /** Engine with the coolant and the metal it wets, J/K. */
  static final double ENGINE_CAPACITY = 110e3;

  /** Radiator and outlet tank, one mixed volume, J/K. */
  static final double OUTLET_CAPACITY = 20e3;

  /** Sump with the case, J/K. */
  static final double SUMP_CAPACITY = 45e3;

  /** Of the thermostat's wax, s. */
  private static final double WAX_LAG = 20;

  /** Of a fan's clutch, s. */
  private static final double CLUTCH_LAG = 30;

  /** Between a thermostat that opens and one that shuts, K. */
  public static final double USUAL_HYSTERESIS = 3;

  private static final double LONGEST_STEP = 2;
  private static final double SHORTEST_STEP = 1e-6;
  private static final double KELVIN_TOLERANCE = 2e-3;

  /** A crossing is sought this often, s, and located to that, s. */
  private static final double CHECK_EVERY = 2;

  private static final double LOCATED = 0.05;

  /** So near a switch's temperature it is reached, K. */
  private static final double REACHED = 1e-3;

  private static final int COOLANT = 0;
  private static final int OUTLET = 1;
  private static final int SUMP = 2;
  private static final int WAX = 3;
  private static final int DISTANCE = 4;
  private static final int GRIP = 5;
  private static final int SIZE = 6;

  /**
   * Where it starts from, °C.
   *
   * @param coolant the wax of the thermostat as warm
   */
  public record Start(double coolant, double outletTank, double sump) {}

  private final Rig rig;
  private final Trip trip;
  private final List<SwitchedFan> switched;
  private final boolean[] running;
  private final double hysteresis;
  private final List<Trace.Moment> moments = new ArrayList<>();
  private final List<Trace.Switching> switchings = new ArrayList<>();

  private HeatExchange exchange;
  private double time;
  private double[] state = new double[SIZE];
  private double opening;

  /** On the way from this point of the road, or standing at it. */
  private int point;

  private Road.Stop stop;

  private HaulRun(Rig rig, Trip trip, List<SwitchedFan> switched, double hysteresis) {
    this.rig = rig;
    this.trip = trip;
    this.switched = List.copyOf(switched);
    this.hysteresis = hysteresis;
    running = new boolean[switched.size()];
  }

  /**
   * Fans that no switch lets run are on from the start to the end.
   *
   * @param hysteresis of the thermostat, K
   * @throws roadbreeze.core.problem.NotConvergedException if the truck cannot climb there
   * @throws CancellationException if the thread is interrupted
   */
  public static Trace of(
      Rig rig, Trip trip, Start start, List<SwitchedFan> switched, double hysteresis) {
    HaulRun run = new HaulRun(rig, trip, switched, hysteresis);
    run.begin(start);
    for (run.point = 0; run.point < trip.road().points().size(); run.point++) {
      run.stand();
      if (run.point + 1 < trip.road().points().size()) {
        run.drive();
      }
    }
    return new Trace(run.moments, run.switchings);
  }

  private void begin(Start start) {
    state[COOLANT] = start.coolant();
    state[OUTLET] = start.outletTank();
    state[SUMP] = start.sump();
    state[WAX] = start.coolant();
    state[DISTANCE] = trip.road().points().get(0).distance();
    state[GRIP] = rig.clutchedFan() < 0 ? 1 : rig.clutch().belt().released();
    opening = rig.coolantLoop().thermostat().opening(start.coolant());
  }

  private void stand() {
    Road.Stop here = trip.road().points().get(point).stop().orElse(null);
    if (here != null) {
      stop = here;
      advance(time + here.seconds(), Double.POSITIVE_INFINITY);
      stop = null;
    }
  }

  private void drive() {
    double end = trip.road().points().get(point + 1).distance();
    double longest = (end - state[DISTANCE]) / Powertrain.SLOWEST;
    advance(time + longest, end);
  }

  /** On until a time or a place, fans switching on the way. */
  private void advance(double until, double place) {
    while (time < until - SHORTEST_STEP && state[DISTANCE] < place - SHORTEST_STEP) {
      switchAtOnce();
      surround();
      ODEIntegrator integrator =
          new DormandPrince54Integrator(
              SHORTEST_STEP, LONGEST_STEP, tolerances(), new double[SIZE]);
      integrator.addStepHandler(this::take);
      integrator.addEventDetector(
          new Crossing(s -> s.getPrimaryState()[DISTANCE] - place, CHECK_EVERY, LOCATED));
      for (int k = 0; k < switched.size(); k++) {
        FanSwitch points = switched.get(k).points();
        double at = running[k] ? points.off() : points.on();
        integrator.addEventDetector(
            new Crossing(s -> s.getPrimaryState()[COOLANT] - at, CHECK_EVERY, LOCATED));
      }
      integrator.integrate(new Flow(), new ODEState(time, state), until);
    }
  }

  private static double[] tolerances() {
    double[] absolute = new double[SIZE];
    Arrays.fill(absolute, KELVIN_TOLERANCE);
    absolute[DISTANCE] = 1;
    absolute[GRIP] = 1e-3;
    return absolute;
  }

  /** The fans whose switch asks for it at the temperature that is reached. */
  private void switchAtOnce() {
    for (int k = 0; k < switched.size(); k++) {
      FanSwitch points = switched.get(k).points();
      boolean on =
          running[k]
              ? state[COOLANT] > points.off() + REACHED
              : state[COOLANT] >= points.on() - REACHED;
      if (on != running[k]) {
        running[k] = on;
        switchings.add(new Trace.Switching(time, switched.get(k).name(), on));
      }
    }
  }

  /** Takes road, air and driveline as they are where the truck is. */
  private void surround() {
    OperatingPoint here = stop != null ? trip.standing(point) : trip.at(point, state[DISTANCE]);
    HeatExchange next =
        stop != null
            ? HeatExchange.standing(blown(), here, stop.inGear(), state[GRIP])
            : HeatExchange.of(blown(), here, state[GRIP]);
    if (exchange != null) {
      next.startFrom(exchange);
    }
    exchange = next;
  }

  /** The rig with the fans that run now. */
  private Rig blown() {
    boolean dead = stop != null && stop.fansDead();
    return rig.withResting(
        fan ->
            waits(fan) || dead && rig.fanSettings().get(fan).drive() instanceof FanDrive.Electric);
  }

  private boolean waits(int fan) {
    for (int k = 0; k < running.length; k++) {
      if (switched.get(k).index() == fan && !running[k]) {
        return true;
      }
    }
    return false;
  }

  /** Of the thermostat with its wax so warm: it opens on one line and shuts on another. */
  private double opening(double wax) {
    Thermostat t = rig.coolantLoop().thermostat();
    return Math.min(Math.max(opening, t.opening(wax)), t.opening(wax + hysteresis));
  }

  /** Takes an accepted step up. */
  private void take(ODEStateInterpolator step) {
    if (Thread.currentThread().isInterrupted()) {
      throw new CancellationException("nobody waits for this haul");
    }
    if (moments.isEmpty()) {
      keep(step.getPreviousState());
    }
    ODEStateAndDerivative end = step.getCurrentState();
    time = end.getTime();
    state = end.getPrimaryState();
    opening = opening(state[WAX]);
    keep(end);
    surround();
  }

  private void keep(ODEStateAndDerivative at) {
    double[] y = at.getPrimaryState();
    HeatExchange.Flows flows = flows(y);
    moments.add(
        new Trace.Moment(
            at.getTime(),
            y[DISTANCE],
            exchange.driveline().speed(),
            exchange.driveline().gear(),
            y[COOLANT],
            y[OUTLET],
            y[SUMP],
            flows.feed(),
            opening(y[WAX]),
            y[GRIP]));
  }

  private HeatExchange.Flows flows(double[] y) {
    return exchange.at(new HeatExchange.State(y[COOLANT], y[OUTLET], y[SUMP], opening(y[WAX])));
  }

  /** How everything moves at a moment. */
  private final class Flow implements OrdinaryDifferentialEquation {
    @Override
    public int getDimension() {
      return SIZE;
    }

    @Override
    public double[] computeDerivatives(double t, double[] y) {
      HeatExchange.Flows q = flows(y);
      double through = q.coolantCapacity() * (y[COOLANT] - y[OUTLET]);
      double plate = exchange.onEngineSide() ? q.tank() : 0;
      double[] change = new double[SIZE];
      change[COOLANT] = (q.engine() - q.heater() - through + plate) / ENGINE_CAPACITY;
      change[OUTLET] = (through - q.core() - q.standing() + q.tank() - plate) / OUTLET_CAPACITY;
      change[SUMP] = (q.oilInput() - q.tank() - q.coolers() - q.gearboxCase()) / SUMP_CAPACITY;
      change[WAX] = (y[COOLANT] - y[WAX]) / WAX_LAG;
      change[DISTANCE] = exchange.driveline().speed();
      change[GRIP] =
          rig.clutchedFan() < 0 ? 0 : (exchange.wantedEngagement() - y[GRIP]) / CLUTCH_LAG;
      return change;
    }
  }
}
