package roadbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.HeatExchange;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.rig.SwitchedFan;

/**
 * The haul's equations as they are written, by short equal steps of Runge and Kutta's method, with
 * everything settled at each of their stages: the reference that the fast run must agree with. A
 * fan switches at the end of the step in which its temperature is passed. Without clutched fans.
 */
final class PlainHaul {
  /** s */
  private static final double STEP = 0.25;

  private final Rig rig;
  private final Trip trip;
  private final List<SwitchedFan> switched;
  private final double hysteresis;
  private final boolean[] running;
  private final List<Trace.Moment> moments = new ArrayList<>();
  private final List<Trace.Switching> switchings = new ArrayList<>();

  /** Coolant, outlet tank, sump and wax, °C; place, m. */
  private double[] state;

  private double time;
  private double opening;
  private HeatExchange exchange;

  private PlainHaul(Rig rig, Trip trip, List<SwitchedFan> switched, double hysteresis) {
    this.rig = rig;
    this.trip = trip;
    this.switched = switched;
    this.hysteresis = hysteresis;
    running = new boolean[switched.size()];
  }

  static Trace of(
      Rig rig, Trip trip, HaulRun.Start start, List<SwitchedFan> switched, double hysteresis) {
    PlainHaul run = new PlainHaul(rig, trip, switched, hysteresis);
    List<Road.Point> points = trip.road().points();
    run.state =
        new double[] {
          start.coolant(),
          start.outletTank(),
          start.sump(),
          start.coolant(),
          points.get(0).distance()
        };
    run.opening = rig.coolantLoop().thermostat().opening(start.coolant());
    for (int i = 0; i + 1 < points.size(); i++) {
      points.get(i).stop().ifPresent(run::stand);
      run.drive(i, points.get(i + 1).distance());
    }
    return new Trace(run.moments, run.switchings, new Trace.Ledger(0, 0, 0));
  }

  private void stand(Road.Stop stop) {
    int point = moments.isEmpty() ? 0 : nearest();
    double until = time + stop.seconds();
    while (time < until - 1e-9) {
      Rig blown = rig.withResting(fan -> stop.fansDead() || rests(fan));
      take(
          HeatExchange.standing(
              blown, Factors.NOMINAL, trip.standing(point, time), stop.engine().get(), 1));
      step(Math.min(STEP, until - time));
    }
  }

  private int nearest() {
    int point = 0;
    while (trip.road().points().get(point).distance() < state[4] - 1e-6) {
      point++;
    }
    return point;
  }

  private void drive(int from, double end) {
    while (state[4] < end - 1e-6) {
      take(
          HeatExchange.of(
              rig.withResting(this::rests), Factors.NOMINAL, trip.at(from, state[4], time), 1));
      exchange.at(now(state));
      step(Math.min(STEP, (end - state[4]) / exchange.driveline().speed()));
    }
  }

  private boolean rests(int fan) {
    for (int k = 0; k < running.length; k++) {
      if (switched.get(k).index() == fan && !running[k]) {
        return true;
      }
    }
    return false;
  }

  private void take(HeatExchange next) {
    if (exchange != null) {
      next.startFrom(exchange);
    }
    exchange = next;
  }

  private HeatExchange.State now(double[] y) {
    return new HeatExchange.State(y[0], y[1], y[2], open(y[3]));
  }

  private double open(double wax) {
    var thermostat = rig.coolantLoop().thermostat();
    return Math.min(
        Math.max(opening, thermostat.opening(wax)), thermostat.opening(wax + hysteresis));
  }

  private void step(double h) {
    keep();
    double[] a = slope(state);
    double[] b = slope(along(state, a, h / 2));
    double[] c = slope(along(state, b, h / 2));
    double[] d = slope(along(state, c, h));
    for (int i = 0; i < state.length; i++) {
      state[i] += h / 6 * (a[i] + 2 * b[i] + 2 * c[i] + d[i]);
    }
    time += h;
    opening = open(state[3]);
    for (int k = 0; k < running.length; k++) {
      var points = switched.get(k).points();
      boolean on = state[0] >= points.on() || running[k] && state[0] > points.off();
      if (on != running[k]) {
        running[k] = on;
        switchings.add(new Trace.Switching(time, k, switched.get(k).name(), on));
      }
    }
    keep();
  }

  private static double[] along(double[] y, double[] slope, double h) {
    double[] moved = y.clone();
    for (int i = 0; i < y.length; i++) {
      moved[i] += h * slope[i];
    }
    return moved;
  }

  private double[] slope(double[] y) {
    HeatExchange.Flows q = exchange.at(now(y));
    double through = q.coolantCapacity() * (y[0] - y[1]);
    double plate = exchange.onEngineSide() ? q.tank() : 0;
    return new double[] {
      (q.engine() - q.heater() - through + plate) / 110e3,
      (through - q.core() - q.standing() + q.tank() - plate) / 20e3,
      (q.oilInput() - q.tank() - q.coolers() - q.gearboxCase()) / 45e3,
      (y[0] - y[3]) / 20,
      exchange.driveline().speed()
    };
  }

  private void keep() {
    HeatExchange.Flows q = exchange.at(now(state));
    moments.add(
        new Trace.Moment(
            time,
            state[4],
            0,
            0,
            exchange.driveline().speed(),
            exchange.driveline().gear(),
            exchange.driveline().locked(),
            exchange.driveline().engineRpm(),
            exchange.fuelPower(),
            state[0],
            state[1],
            state[2],
            q.feed(),
            open(state[3]),
            1,
            new Trace.Fans(new double[0], 0, 0)));
  }
}
