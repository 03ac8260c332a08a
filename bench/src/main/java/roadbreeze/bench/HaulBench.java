package roadbreeze.bench;

import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulDraws;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.HotterDays;
import roadbreeze.core.haul.PushedHaul;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.lookahead.Act;
import roadbreeze.core.lookahead.LookAhead;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Uncertainty;

/** A haul of ninety minutes against the plain integration of the same equations, in one run. */
public final class HaulBench {
  private static final double NINETY_MINUTES = 5400;
  private static final int WARM_UP = 30;
  private static final int RUNS = 31;
  private static final int WORKERS = 2;
  private static final int DRAWN = 100;
  private static final int TRUCKS = 4;
  private static final int ROADS = 4;

  // The shortest road of the matrix, and by what each next one is longer, s.
  private static final double HALF_AN_HOUR = 1800;
  private static final double LONGER = 600;

  /** Of a yard's matrix, °C. */
  private static final double[] HEATS = {-5, 5, 12, 19, 26, 31, 36, 41, 46};

  private HaulBench() {}

  static Trace fast(Rig rig, Trip trip) {
    return HaulRun.of(rig, trip, HillyRoad.START, HillyRoad.SWITCHED, HaulRun.USUAL_HYSTERESIS);
  }

  static Trace plain(Rig rig, Trip trip) {
    return PlainHaul.of(rig, trip, HillyRoad.START, HillyRoad.SWITCHED, HaulRun.USUAL_HYSTERESIS);
  }

  /**
   * How far one trace leaves the other at most, K, where a fan may switch a little later.
   *
   * @param shift s
   */
  static double apart(Trace one, Trace other, ToDoubleFunction<Trace.Moment> what, double shift) {
    double end = one.moments().get(one.moments().size() - 1).time();
    double worst = 0;
    for (double t = 0; t < end; t++) {
      double value = what.applyAsDouble(one.at(t));
      double low = Double.POSITIVE_INFINITY;
      double high = Double.NEGATIVE_INFINITY;
      for (double s = t - shift; s <= t + shift; s += 0.5) {
        double there = what.applyAsDouble(other.at(s));
        low = Math.min(low, there);
        high = Math.max(high, there);
      }
      worst = Math.max(worst, Math.max(low - value, value - high));
    }
    return worst;
  }

  static void report() {
    Trip trip = HillyRoad.lasting(NINETY_MINUTES);
    List<Rig> builds = HillyRoad.builds();
    Runnable all = () -> builds.forEach(b -> fast(b, trip));
    double fast = Timed.median(all, WARM_UP, RUNS);
    double plain = Timed.milliseconds(() -> builds.forEach(b -> plain(b, trip)));
    double apart = 0;
    for (Rig build : builds) {
      Trace one = fast(build, trip);
      Trace other = plain(build, trip);
      apart = Math.max(apart, apart(one, other, Trace.Moment::coolant, 3));
      apart = Math.max(apart, apart(one, other, Trace.Moment::sump, 3));
      apart = Math.max(apart, apart(one, other, Trace.Moment::feed, 3));
    }
    System.out.printf("plain haul  %10.1f ms for 3 builds and 90 minutes of road%n", plain);
    System.out.printf("haul        %10.1f ms, %.0f times faster%n", fast, plain / fast);
    System.out.printf("differences %10.4f K at most, with 3 s for a switching fan%n", apart);
    HaulCase road = new HaulCase(WorkedCase.setup(true), trip, HillyRoad.START, Limits.DEFAULT);
    HaulCase.Driven driven = road.drive();
    Judge judge = new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, List.of());
    double draws =
        Timed.median(
            () ->
                IntStream.range(0, WORKERS)
                    .parallel()
                    .forEach(w -> HaulDraws.of(judge, driven, w, DRAWN / WORKERS, i -> false)),
            0,
            3);
    System.out.printf(
        "1000 draws  %10.1f s on %d threads, from %d of them%n", draws / DRAWN, WORKERS, DRAWN);
    lookAhead(trip, WorkedCase.setup(true), plain / builds.size() / NINETY_MINUTES);
    double matrix = Timed.median(() -> matrix(judge), 0, 5);
    System.out.printf(
        "yard matrix %10.1f s for 4 trucks on 4 roads at 9 heats, %d threads%n",
        matrix / 1000, WORKERS);
  }

  /**
   * Ten minutes ahead with each of a driver's twelve choices, from the middle of the road; whole,
   * as the plain reference does.
   */
  private static void lookAhead(Trip trip, Setup setup, double plainPerSecond) {
    HaulCase haul = new HaulCase(setup, trip, HillyRoad.START, Limits.DEFAULT);
    Rig rig = Assembly.rig(setup);
    LookAhead ahead = new LookAhead(haul, rig);
    Trace whole = haul.drive().trace();
    Trace.Moment here = whole.at(whole.last().time() / 2);
    double place = here.distance();
    // As fast as it will be on the whole: ten minutes of road are ten minutes then.
    double later = whole.at(here.time() + LookAhead.HORIZON).distance();
    double speed = (later - place) / LookAhead.HORIZON;
    HaulRun.Start state = new HaulRun.Start(here.coolant(), here.outletTank(), here.sump());
    Habits usual = trip.habitsAt(place);
    LookAhead.Now now = new LookAhead.Now(here.time(), place, speed, here.gear(), state, usual);
    double all =
        Timed.median(
            () -> {
              for (Act act : Act.values()) {
                Habits then = act.on(usual, here.speed(), here.gear());
                ahead.worst(now, then, act.rest(), place, LookAhead.HORIZON);
              }
            },
            WARM_UP,
            RUNS);
    double plain = plainPerSecond * LookAhead.HORIZON * Act.values().length;
    System.out.printf(
        "look-ahead  %10.1f ms for 12 choices over 10 minutes, %.0f times faster than plain%n",
        all, plain / all);
  }

  /** Four trucks over four roads of half an hour to an hour, on nine days each. */
  private static void matrix(Judge judge) {
    IntStream.range(0, WORKERS)
        .parallel()
        .forEach(
            w -> {
              for (int pair = w; pair < TRUCKS * ROADS; pair += WORKERS) {
                double lasting = HALF_AN_HOUR + LONGER * (pair % ROADS);
                matrixCell(judge, HillyRoad.setups().get(pair / ROADS), lasting);
              }
            });
  }

  private static void matrixCell(Judge judge, Setup truck, double lasting) {
    HotterDays days = new HotterDays(PushedHaul.of(judge, truck));
    for (double hottest : HEATS) {
      Trip trip = HillyRoad.lasting(lasting, hottest);
      days.on(new HaulCase(truck, trip, HillyRoad.START, Limits.DEFAULT));
    }
  }
}
