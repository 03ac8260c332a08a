package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;
import java.util.function.ToDoubleFunction;
import org.hipparchus.ode.ODEIntegrator;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.ClassicalRungeKuttaIntegrator;
import org.hipparchus.ode.sampling.ODEStateInterpolator;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.HeatExchange;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.vehicle.Powertrain;

/**
 * A rig on a trip. Heat is stored in the engine with its coolant, in the radiator with its outlet
 * tank and in the sump with the gearbox's case; the thermostat's wax, a fan's clutch and its
 * switch's sensor lag behind. Driveline, air and altitude are taken anew at each step of the
 * integration, at most {@link #LONGEST_STEP} apart; points of the road, switching fans and changes
 * of gear end a step where they lie. Speed is what is asked or can be held, without inertia.
 *
 * <p>A strong stream mixes the outlet tank within a second or two, which would force short steps:
 * it is taken to mix no faster than {@link #FASTEST_MIXING}. Coolant and tank are integrated as
 * their heat together, so none is lost by that. Not thread-safe.
 */
public final class HaulRun {
  /** Engine with the coolant and the metal it wets, J/K. */
  public static final double ENGINE_CAPACITY = 110e3;

  /** Radiator and outlet tank, one mixed volume, J/K. */
  static final double OUTLET_CAPACITY = 20e3;

  /** Sump with the case, J/K. */
  public static final double SUMP_CAPACITY = 45e3;

  /** Of the thermostat's wax, s. */
  private static final double WAX_LAG = 20;

  /** Of a fan's clutch, s. */
  private static final double CLUTCH_LAG = 30;

  /** Between a thermostat that opens and one that shuts, K. */
  public static final double USUAL_HYSTERESIS = 3;

  /** With the thermostat on its way, and with it at rest, open or shut, s. */
  private static final double LONGEST_STEP = 3;

  private static final double LONGEST_AT_REST = 5;

  /** After it sets off the outlet tank mixes anew, s. */
  private static final double MIXES = 12;

  /**
   * Roughly driven, steps are so much longer; near a limit two tenths of a kelvin are what it
   * costs.
   */
  private static final double ROUGHLY = 2.5;

  private static final double SHORTEST_STEP = 0.05;

  /** s */
  private static final double FASTEST_MIXING = 2.5;

  /** Crossings are located so closely, s. */
  private static final double LOCATED = 0.05;

  /** A gearbox does not shift again within so long; our own, s. */
  private static final double SHIFTS_APART = 3;

  /** So near its end a stretch is over, s or m. */
  private static final double OVER = 1e-6;

  /** So near a switch's temperature it is reached, K. */
  private static final double REACHED = 1e-3;

  // Of a truck whose engine is off; our own: the block to the air under the bonnet, W/K, and that.
  private static final double BLOCK_TO_AIR = 15;
  private static final double UNDER_BONNET_RISE = 25;
  private static final double UNDER_BONNET_COOLS = 1200;

  /** Heat of coolant and outlet tank, J over 0 °C. */
  private static final int HEAT = 0;

  private static final int OUTLET = 1;
  private static final int SUMP = 2;
  private static final int WAX = 3;
  private static final int DISTANCE = 4;
  private static final int GRIP = 5;

  /** Heat that came in, and that was shed, J. */
  private static final int IN = 6;

  private static final int SHED = 7;

  /** From here on the sensors of switched fans, °C. */
  private static final int SENSORS = 8;

  /**
   * Where it starts from, °C.
   *
   * @param coolant the wax of the thermostat and the sensors of fans as warm
   * @param running the switched fans that run already, by their places among these
   */
  public record Start(double coolant, double outletTank, double sump, List<Integer> running) {
    public Start {
      running = List.copyOf(running);
    }

    /** With the switched fans at rest. */
    public Start(double coolant, double outletTank, double sump) {
      this(coolant, outletTank, sump, List.of());
    }

    /** Everything as cold as the air. */
    public static Start soaked(double ambient) {
      return new Start(ambient, ambient, ambient);
    }
  }

  private final Rig rig;
  private final Factors factors;
  private final Trip trip;
  private final List<SwitchedFan> switched;
  private final boolean[] running;
  private final double hysteresis;

  /** Which fans run from each point of the road on, whatever their switches; null by these. */
  private final List<List<Imposed>> imposed;

  /** How much longer its steps are than the longest that are exact. */
  private double stride = 1;

  /** It ends here, wherever it is, s. */
  private double limit = Double.POSITIVE_INFINITY;

  /** When the point of the road was reached, s. */
  private double reached;

  /**
   * Fans that are known to have run.
   *
   * @param after a point of the road was reached, s
   * @param running from then on, by their places among the switched fans
   */
  public record Imposed(double after, List<Integer> running) {
    public Imposed {
      running = List.copyOf(running);
    }
  }

  private final List<Trace.Moment> moments = new ArrayList<>();
  private final List<Trace.Switching> switchings = new ArrayList<>();

  private final boolean clutched;

  private HeatExchange exchange;

  /** What it exchanges at the state reached, and that state. */
  private HeatExchange.Flows flows;

  private HeatExchange.State flowsOf;

  private double time;
  private double[] state;
  private double opening;

  /** On the way from this point of the road, or standing at it. */
  private int point;

  private Trip.Leg leg;
  private Road.Stop stop;

  /** The rig with the fans that run now. */
  private Rig blown;

  /** Since when the engine is off, s. */
  private double offSince;

  /** When the outlet tank has taken up that it drives, s. */
  private double mixed = MIXES;

  private int gear;
  private double shifted = Double.NEGATIVE_INFINITY;

  private HaulRun(
      Rig rig,
      Factors factors,
      Trip trip,
      List<SwitchedFan> switched,
      double hysteresis,
      List<List<Imposed>> imposed) {
    this.imposed = imposed;
    this.rig = rig;
    this.factors = factors;
    this.trip = trip;
    this.switched = List.copyOf(switched);
    this.hysteresis = hysteresis;
    clutched = rig.clutchedFan() >= 0;
    leg = trip.leg(0);
    running = new boolean[switched.size()];
    state = new double[SENSORS + switched.size()];
  }

  /** With the model as it is. */
  public static Trace of(
      Rig rig, Trip trip, Start start, List<SwitchedFan> switched, double hysteresis) {
    return of(rig, Factors.NOMINAL, trip, start, switched, hysteresis);
  }

  /**
   * Fans that no switch lets run are on from the start to the end.
   *
   * @param hysteresis of the thermostat, K
   * @throws roadbreeze.core.problem.NotConvergedException if the truck cannot climb there
   * @throws CancellationException if the thread is interrupted
   */
  public static Trace of(
      Rig rig,
      Factors factors,
      Trip trip,
      Start start,
      List<SwitchedFan> switched,
      double hysteresis) {
    return new HaulRun(rig, factors, trip, switched, hysteresis, null).run(start);
  }

  /**
   * The same with fans that run as they are known to have run.
   *
   * @param running for each point of the road, in the order of time; the first after 0 s
   */
  public static Trace imposing(
      Rig rig,
      Factors factors,
      Trip trip,
      Start start,
      List<SwitchedFan> switched,
      List<List<Imposed>> running) {
    return new HaulRun(rig, factors, trip, switched, USUAL_HYSTERESIS, running).run(start);
  }

  /**
   * The same in longer steps, for who asks again and again and needs it to two tenths of a kelvin.
   */
  static Trace roughly(
      Rig rig, Trip trip, Start start, List<SwitchedFan> switched, double hysteresis) {
    HaulRun run = new HaulRun(rig, Factors.NOMINAL, trip, switched, hysteresis, null);
    run.stride = ROUGHLY;
    return run.run(start);
  }

  /**
   * A run that can be gone on with.
   *
   * @param trace what it did
   * @param end where it was left
   */
  public record Leg(Trace trace, Carry end) {}

  /** All that a run knows of its truck, to go on from there. */
  public static final class Carry {
    private final double[] state;
    private final double opening;
    private final boolean[] running;

    private Carry(double[] state, double opening, boolean[] running) {
      this.state = state.clone();
      this.opening = opening;
      this.running = running.clone();
    }

    /** °C */
    public double coolant() {
      return HaulRun.coolant(state);
    }

    /** °C */
    public double outletTank() {
      return state[OUTLET];
    }

    /** °C */
    public double sump() {
      return state[SUMP];
    }

    /** As driven, m. */
    public double distance() {
      return state[DISTANCE];
    }

    /** The switched fans that run, by their places among these. */
    public List<Integer> running() {
      List<Integer> on = new ArrayList<>();
      for (int k = 0; k < running.length; k++) {
        if (running[k]) {
          on.add(k);
        }
      }
      return on;
    }

    /** As another run would begin from here. */
    public Start start() {
      return new Start(coolant(), outletTank(), sump(), running());
    }
  }

  /**
   * So long of a trip, from where another run was left or from a start.
   *
   * @param trip the rest of the way, which begins where the truck is
   * @param from null begins at the start
   * @param seconds at most
   */
  public static Leg step(
      Rig rig,
      Factors factors,
      Trip trip,
      Start start,
      Carry from,
      List<SwitchedFan> switched,
      double seconds) {
    HaulRun run = new HaulRun(rig, factors, trip, switched, USUAL_HYSTERESIS, null);
    run.limit = seconds;
    Trace trace = from == null ? run.run(start) : run.goOn(from);
    return new Leg(trace, new Carry(run.state, run.opening, run.running));
  }

  private Trace goOn(Carry from) {
    state = from.state.clone();
    state[DISTANCE] = trip.road().points().get(0).distance();
    state[IN] = 0;
    state[SHED] = 0;
    opening = from.opening;
    System.arraycopy(from.running, 0, running, 0, running.length);
    blow();
    surround(0);
    return along();
  }

  private Trace run(Start start) {
    begin(start);
    return along();
  }

  private Trace along() {
    double before = stored();
    for (point = 0; point < trip.road().points().size(); point++) {
      leg = trip.leg(point);
      reached = time;
      stand();
      if (time < limit - OVER && point + 1 < trip.road().points().size()) {
        drive();
      }
      if (time >= limit - OVER) {
        break;
      }
    }
    return new Trace(
        moments, switchings, new Trace.Ledger(state[IN], state[SHED], stored() - before));
  }

  /**
   * Lets the fans run that are known to.
   *
   * @return when that changes, s; infinite where it does not
   */
  private double impose() {
    if (imposed == null) {
      return Double.POSITIVE_INFINITY;
    }
    for (Imposed next : imposed.get(point)) {
      if (reached + next.after() > time + OVER) {
        return reached + next.after();
      }
      for (int k = 0; k < running.length; k++) {
        running[k] = next.running().contains(k);
      }
    }
    return Double.POSITIVE_INFINITY;
  }

  private double stored() {
    return state[HEAT] + SUMP_CAPACITY * state[SUMP];
  }

  private void begin(Start start) {
    state[HEAT] = ENGINE_CAPACITY * start.coolant() + OUTLET_CAPACITY * start.outletTank();
    state[OUTLET] = start.outletTank();
    state[SUMP] = start.sump();
    state[WAX] = start.coolant();
    state[DISTANCE] = trip.road().points().get(0).distance();
    state[GRIP] = !clutched ? 1 : rig.clutch().belt().released();
    opening = rig.coolantLoop().thermostat().opening(start.coolant());
    for (int k : start.running()) {
      running[k] = true;
    }
    blow();
    surround(0);
    for (int k = 0; k < switched.size(); k++) {
      state[SENSORS + k] = sensed(k, state);
    }
  }

  private void stand() {
    Road.Stop here = trip.road().points().get(point).stop().orElse(null);
    if (here != null) {
      stop = here;
      offSince = time;
      advance(time + here.seconds(), Double.POSITIVE_INFINITY);
      stop = null;
      mixed = time + MIXES;
    }
  }

  private void drive() {
    double end = trip.road().points().get(point + 1).distance();
    double longest = (end - state[DISTANCE]) / Powertrain.SLOWEST;
    advance(time + longest, end);
  }

  private static double coolant(double[] y) {
    return (y[HEAT] - OUTLET_CAPACITY * y[OUTLET]) / ENGINE_CAPACITY;
  }

  /** On until a time or a place, fans switching and gears changing on the way. */
  private void advance(double latest, double place) {
    double until = Math.min(latest, limit);
    double ahead = 0;
    while (time < until - OVER && state[DISTANCE] < place - OVER) {
      switchAtOnce();
      double imposedUntil = impose();
      blow();
      surround(ahead);
      double end = Math.min(imposedUntil, time < mixed - OVER ? Math.min(until, mixed) : until);
      ODEIntegrator integrator = new ClassicalRungeKuttaIntegrator(step(end, place));
      integrator.addStepHandler(this::take);
      integrator.addEventDetector(
          crossing(s -> s.getPrimaryState()[DISTANCE] - place, LONGEST_STEP));
      for (int k = 0; imposed == null && k < switched.size(); k++) {
        int fan = k;
        FanSwitch points = switched.get(k).points();
        double at = running[k] ? points.off() : points.on();
        integrator.addEventDetector(
            crossing(s -> reading(fan, s.getPrimaryState()) - at, LONGEST_STEP));
      }
      double before = time;
      if (atRest(state)) {
        integrator.addEventDetector(crossing(s -> restLeft(s.getPrimaryState()), LONGEST_AT_REST));
      }
      if (stop == null) {
        integrator.addEventDetector(crossing(this::gearStays, LONGEST_STEP));
      }
      integrator.integrate(new Flow(), new ODEState(time, state), end);
      // Where the gear changes it is the other one just after.
      ahead = 2 * LOCATED;
      if (time > before && shiftsAt(state, time)) {
        shifted = time;
      }
    }
  }

  /**
   * @param every so often it is looked for, s
   */
  private Crossing crossing(ToDoubleFunction<ODEStateAndDerivative> what, double every) {
    return new Crossing(what, stride * every, LOCATED);
  }

  private double gearStays(ODEStateAndDerivative at) {
    return shiftsAt(at.getPrimaryState(), at.getTime()) ? -1 : 1;
  }

  private boolean shiftsAt(double[] y, double t) {
    return stop == null
        && t - shifted > SHIFTS_APART
        && exchange.gearAt(leg.at(y[DISTANCE], t), y[SUMP]) != gear;
  }

  /** Equal steps to the end, as it is driven now, s. */
  private double step(double until, double place) {
    double there = (place - state[DISTANCE]) / exchange.driveline().speed();
    double left = stop != null ? until - time : Math.min(until - time, there);
    double longest = stride * (time >= mixed && atRest(state) ? LONGEST_AT_REST : LONGEST_STEP);
    return Math.max(SHORTEST_STEP, left / Math.ceil(left / longest));
  }

  /** The fans whose switch asks for it at the temperature that is reached. */
  private void switchAtOnce() {
    for (int k = 0; imposed == null && k < switched.size(); k++) {
      FanSwitch points = switched.get(k).points();
      double reads = reading(k, state);
      boolean on = running[k] ? reads > points.off() + REACHED : reads >= points.on() - REACHED;
      if (on != running[k]) {
        running[k] = on;
        switchings.add(new Trace.Switching(time, k, switched.get(k).name(), on));
      }
    }
  }

  /** What a fan's switch reads, °C. */
  private double reading(int k, double[] y) {
    return switched.get(k).points().sensor().lag() > 0 ? y[SENSORS + k] : sensed(k, y);
  }

  /** What is where a fan's sensor sits, °C. */
  private double sensed(int k, double[] y) {
    return switch (switched.get(k).points().sensor().place()) {
      case ENGINE_OUTLET -> coolant(y);
      case RADIATOR_OUTLET -> y[OUTLET];
      case OIL_FEED -> off() ? y[SUMP] : flows(y).feed();
      case PAN -> y[SUMP];
    };
  }

  private boolean off() {
    return stop != null && stop.engine().isEmpty();
  }

  /** Takes road, air and driveline as they are where the truck is, or will be a little later. */
  private void surround(double ahead) {
    if (off()) {
      return;
    }
    HeatExchange next =
        stop != null
            ? HeatExchange.standing(
                blown, factors, leg.standing(time), stop.engine().get(), state[GRIP])
            : HeatExchange.of(blown, factors, here(ahead), state[GRIP]);
    flowsOf = exchangeState(state);
    if (exchange == null) {
      flows = next.at(flowsOf);
    } else {
      next.startFrom(exchange);
      flows = next.near(flowsOf);
    }
    exchange = next;
    gear = exchange.driveline().gear();
  }

  private OperatingPoint here(double ahead) {
    double speed = exchange == null ? 0 : exchange.driveline().speed();
    double end = trip.road().points().get(point + 1).distance();
    return leg.at(Math.min(end, state[DISTANCE] + ahead * speed), time);
  }

  private void blow() {
    boolean dead = stop != null && stop.fansDead();
    blown = blown(rig, switched, k -> running[k], leg.habits(), dead);
  }

  /**
   * A rig with the fans that run.
   *
   * @param runs which of the switched fans do, by their places among these
   * @param habits whether the driver holds all of them on, and has the air conditioning on
   * @param dead no electric fan runs
   */
  public static Rig blown(
      Rig rig, List<SwitchedFan> switched, IntPredicate runs, Habits habits, boolean dead) {
    boolean forced = habits.fanFull();
    Rig held = forced ? rig.withFanHeld() : rig;
    return held.withResting(
        fan -> {
          boolean waits = false;
          for (int k = 0; k < switched.size(); k++) {
            boolean asked =
                habits.airConditioning() && switched.get(k).points().withAirConditioning();
            waits |= switched.get(k).index() == fan && !runs.test(k) && !asked;
          }
          return !forced && waits
              || dead && rig.fanSettings().get(fan).drive() instanceof FanDrive.Electric;
        });
  }

  /** Of the thermostat with its wax so warm: it opens on one line and shuts on another. */
  private double opening(double wax) {
    Thermostat t = rig.coolantLoop().thermostat();
    return Math.min(Math.max(opening, t.opening(wax)), t.opening(wax + hysteresis));
  }

  /** The thermostat is shut or wide open, and its wax is away from moving it. */
  private boolean atRest(double[] y) {
    return restLeft(y) > REACHED;
  }

  private double restLeft(double[] y) {
    return rig.coolantLoop().thermostat().restLeft(opening, y[WAX], hysteresis);
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
    surround(0);
    keep(end);
  }

  private void keep(ODEStateAndDerivative at) {
    double[] y = at.getPrimaryState();
    OperatingPoint here =
        stop != null ? leg.standing(at.getTime()) : leg.at(y[DISTANCE], at.getTime());
    double feed = off() ? y[SUMP] : flows.feed();
    Powertrain.State driven = exchange.driveline();
    moments.add(
        new Trace.Moment(
            at.getTime(),
            y[DISTANCE],
            here.altitude(),
            here.ambient(),
            off() ? 0 : driven.speed(),
            off() ? 0 : driven.gear(),
            !off() && driven.locked(),
            off() ? 0 : driven.engineRpm(),
            off() ? 0 : exchange.fuelPower(),
            coolant(y),
            y[OUTLET],
            y[SUMP],
            feed,
            opening(y[WAX]),
            y[GRIP],
            off()
                ? parked()
                : new Trace.Fans(
                    exchange.fanShares(), exchange.electricFanPower(), exchange.beltFanPower())));
  }

  /** Fans of a truck whose engine is off: those that a switch lets go on. */
  private Trace.Fans parked() {
    double[] share = new double[rig.fanSettings().size()];
    for (int k = 0; k < running.length; k++) {
      share[switched.get(k).index()] = running[k] && !stop.fansDead() ? 1 : 0;
    }
    return new Trace.Fans(share, 0, 0);
  }

  private HeatExchange.Flows flows(double[] y) {
    HeatExchange.State at = exchangeState(y);
    return at.equals(flowsOf) ? flows : exchange.near(at);
  }

  private HeatExchange.State exchangeState(double[] y) {
    return new HeatExchange.State(coolant(y), y[OUTLET], y[SUMP], opening(y[WAX]));
  }

  /** How everything moves at a moment. */
  private final class Flow implements OrdinaryDifferentialEquation {
    @Override
    public int getDimension() {
      return state.length;
    }

    @Override
    public double[] computeDerivatives(double t, double[] y) {
      double[] change = new double[state.length];
      double coolant = coolant(y);
      if (off()) {
        soak(t, y, coolant, change);
      } else {
        run(y, coolant, change);
      }
      change[WAX] = (coolant - y[WAX]) / WAX_LAG;
      for (int k = 0; k < switched.size(); k++) {
        double lag = switched.get(k).points().sensor().lag();
        change[SENSORS + k] = lag > 0 ? (sensed(k, y) - y[SENSORS + k]) / lag : 0;
      }
      return change;
    }

    private void run(double[] y, double coolant, double[] change) {
      HeatExchange.Flows q = flows(y);
      double lost = q.core() + q.standing();
      double plate = exchange.onEngineSide() ? q.tank() : 0;
      double mixing = Math.max(OUTLET_CAPACITY, stride * FASTEST_MIXING * q.coolantCapacity());
      change[HEAT] = q.engine() - q.heater() - lost + q.tank();
      change[OUTLET] =
          (q.coolantCapacity() * (coolant - y[OUTLET]) - lost + q.tank() - plate) / mixing;
      change[SUMP] = (q.oilInput() - q.tank() - q.coolers() - q.gearboxCase()) / SUMP_CAPACITY;
      change[DISTANCE] = exchange.driveline().speed();
      change[GRIP] = !clutched ? 0 : (exchange.wantedEngagement() - y[GRIP]) / CLUTCH_LAG;
      change[IN] = q.engine() + q.oilInput();
      change[SHED] = q.heater() + lost + q.coolers() + q.gearboxCase();
    }

    /** No pump turns: block, tank and case lose to the air where they stand. */
    private void soak(double t, double[] y, double coolant, double[] change) {
      double ambient = leg.standing(t).ambient();
      double left = Math.max(0, 1 - (t - offSince) / UNDER_BONNET_COOLS);
      double underBonnet = ambient + UNDER_BONNET_RISE * left;
      double block = BLOCK_TO_AIR * (coolant - underBonnet);
      double tank = CoolantLoop.standingLoss(0) * (y[OUTLET] - ambient);
      double gearbox = rig.oilLoop().standingCaseHeat(y[SUMP], underBonnet);
      change[HEAT] = -block - tank;
      change[OUTLET] = -tank / OUTLET_CAPACITY;
      change[SUMP] = -gearbox / SUMP_CAPACITY;
      change[SHED] = block + tank + gearbox;
    }
  }
}
