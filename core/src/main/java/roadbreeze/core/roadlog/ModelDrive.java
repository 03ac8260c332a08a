package roadbreeze.core.roadlog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntToDoubleFunction;
import org.hipparchus.stat.regression.SimpleRegression;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.haul.Weather;
import roadbreeze.core.log.Channel;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.RoadLoad;
import roadbreeze.core.vehicle.Surface;

/**
 * The same drive in the model: the recorded road, speeds, gears, air and air conditioning, from the
 * temperatures it began with. Where something that it needs is missing for long the model stops and
 * begins anew behind it.
 */
public final class ModelDrive {
  /** Points of the road are so far apart, s. */
  private static final double KNOTS = 10;

  /** Shorter stretches are not driven in the model, s. */
  static final double SHORTEST = 120;

  /** Standing for less is slow driving, s. */
  private static final double STOPS = 8;

  /** A switch that was past neither of its points yet is taken as off, for so much of a stretch. */
  private static final double UNKNOWN = 0.2;

  /** Where no weather is asked: the recording knows the air everywhere, °C. */
  private static final double MILD = 20;

  /** Speeds so far to both sides say how fast it speeds up, s. */
  private static final double SPEEDS_ROUND = 8;

  private final DriveReading reading;
  private final List<Stretch> stretches;

  private ModelDrive(DriveReading reading, List<Stretch> stretches) {
    this.reading = reading;
    this.stretches = stretches;
  }

  /**
   * A part of the drive of which enough is known.
   *
   * @param from step
   * @param to step after its last
   * @param knots steps at which points of the road lie, and its end
   * @param places of these along the road, m
   * @param fans that ran from each point of the road on; null where nobody knows
   */
  record Stretch(
      int from,
      int to,
      Trip trip,
      HaulRun.Start start,
      int[] knots,
      double[] places,
      List<List<HaulRun.Imposed>> fans) {}

  public static ModelDrive of(DriveReading reading) {
    List<Stretch> stretches = new ArrayList<>();
    int n = reading.log().steps();
    int from = 0;
    while (from < n) {
      int to = from;
      while (to < n && reading.driveable(to)) {
        to++;
      }
      begin(reading, from, to).ifPresent(stretches::add);
      from = Math.max(to, from + 1);
    }
    return new ModelDrive(reading, List.copyOf(stretches));
  }

  /** Steps of the drive that the model drives as well. */
  public int covered() {
    return stretches.stream().mapToInt(s -> s.to - s.from).sum();
  }

  /** First step of each stretch, and the one after its last. */
  List<int[]> stretches() {
    return stretches.stream().map(s -> new int[] {s.from, s.to}).toList();
  }

  private static Optional<Stretch> begin(DriveReading reading, int from, int to) {
    Recording log = reading.log();
    int first = from;
    while (first < to && Double.isNaN(log.at(Channel.COOLANT, first))) {
      first++;
    }
    return (to - first) * log.step() < SHORTEST
        ? Optional.empty()
        : Optional.of(stretch(reading, first, to));
  }

  private static Stretch stretch(DriveReading reading, int from, int to) {
    double step = reading.log().step();
    List<Road.Point> points = new ArrayList<>();
    List<Trip.Change> changes = new ArrayList<>();
    List<Integer> knots = new ArrayList<>();
    int every = Math.max(1, (int) Math.round(KNOTS / step));
    double place = 0;
    int end = from;
    while (end < to) {
      int at = end;
      int driving = standsUntil(reading, at, to);
      boolean stops = (driving - at) * step >= STOPS;
      int begin = stops ? driving : at;
      end = Math.min(to, begin + every);
      // The next stop begins a point of its own.
      for (int k = begin + 1; k < end; k++) {
        end = reading.stands(k) && !reading.stands(k - 1) ? k : end;
      }
      double speed = speed(reading.log(), begin, end);
      Optional<Road.Stop> stop = stops ? Optional.of(stop(reading, at, driving)) : Optional.empty();
      points.add(point(reading, begin, end, place, speed, stop));
      Habits habits = habits(reading, at, end);
      if (changes.isEmpty() || !changes.get(changes.size() - 1).habits().equals(habits)) {
        changes.add(new Trip.Change(place, habits));
      }
      knots.add(at);
      place += speed * (end - begin) * step;
    }
    boolean standsLast = points.get(points.size() - 1).distance() == place;
    if (!standsLast) {
      points.add(point(reading, to - 1, to, place, Powertrain.SLOWEST, Optional.empty()));
    } else if (points.size() == 1) {
      // It stands all the time: a road has two ends.
      points.add(point(reading, to - 1, to, place + 1, Powertrain.SLOWEST, Optional.empty()));
    }
    knots.add(to);
    double[] places = new double[knots.size()];
    for (int k = 0; k < places.length; k++) {
      places[k] = k < points.size() ? points.get(k).distance() : place;
    }
    Weather weather = Weather.steady(MILD, reading.road().elevation()[from]);
    return new Stretch(
        from,
        to,
        new Trip(new Road(points), weather, changes),
        start(reading, from),
        knots.stream().mapToInt(k -> k).toArray(),
        places,
        fans(reading, from, to, knots));
  }

  /** Those that ran, from each point of the road on; null where one of them is not known. */
  private static List<List<HaulRun.Imposed>> fans(
      DriveReading reading, int from, int to, List<Integer> knots) {
    for (double[] fan : reading.fans().running()) {
      int unknown = 0;
      for (int i = from; i < to; i++) {
        unknown += Double.isNaN(fan[i]) ? 1 : 0;
      }
      if (unknown > UNKNOWN * (to - from)) {
        return null;
      }
    }
    List<List<HaulRun.Imposed>> fans = new ArrayList<>();
    for (int k = 0; k < knots.size(); k++) {
      int next = k + 1 < knots.size() ? knots.get(k + 1) : Math.min(to, knots.get(k) + 1);
      List<HaulRun.Imposed> here = new ArrayList<>();
      List<Integer> last = null;
      for (int i = Math.min(knots.get(k), to - 1); i < next; i++) {
        List<Integer> on = reading.fans().on(i);
        if (!on.equals(last)) {
          here.add(new HaulRun.Imposed((i - knots.get(k)) * reading.log().step(), on));
          last = on;
        }
      }
      fans.add(List.copyOf(here));
    }
    fans.add(fans.get(fans.size() - 1));
    return fans;
  }

  private static int standsUntil(DriveReading reading, int from, int to) {
    int end = from;
    while (end < to && reading.stands(end)) {
      end++;
    }
    return end;
  }

  /** Speed that brings the truck as far, as slow or fast as the model drives at most, m/s. */
  private static double speed(Recording log, int from, int to) {
    double mean = mean(from, to, k -> log.at(Channel.SPEED, k));
    double held = Double.isNaN(mean) ? 0 : mean;
    return OperatingPoint.SPEED.nearest(held);
  }

  private static double mean(int from, int to, IntToDoubleFunction of) {
    double sum = 0;
    for (int k = from; k < to; k++) {
      sum += of.applyAsDouble(k);
    }
    return sum / (to - from);
  }

  /** What speeds the truck up weighs on it as a climb does. */
  private static Road.Point point(
      DriveReading reading,
      int from,
      int to,
      double place,
      double speed,
      Optional<Road.Stop> stop) {
    int first = Math.min(from, reading.log().steps() - 1);
    double climb = 0;
    if (to > from) {
      climb =
          mean(from, to, k -> reading.road().grade()[k])
              + faster(reading, (from + to) / 2) / RoadLoad.GRAVITY;
    }
    return new Road.Point(
        place,
        reading.road().elevation()[first],
        speed,
        OptionalDouble.of(RoadLoad.GRADE.nearest(climb)),
        Surface.ASPHALT,
        0,
        OptionalDouble.of(reading.log().at(Channel.AMBIENT, first)),
        stop);
  }

  /** By the speeds round a step, m/s²; over few seconds noise would weigh as much as a hill. */
  private static double faster(DriveReading reading, int at) {
    int reach = Math.max(1, (int) Math.round(SPEEDS_ROUND / reading.log().step()));
    SimpleRegression line = new SimpleRegression();
    for (int k = Math.max(0, at - reach); k < Math.min(reading.log().steps(), at + reach); k++) {
      double v = reading.speed(k);
      if (!Double.isNaN(v) && v > DriveReading.STANDS) {
        line.addData(k * reading.log().step(), v);
      }
    }
    return line.getN() < 3 ? 0 : line.getSlope();
  }

  private static Habits habits(DriveReading reading, int from, int to) {
    int last = Math.min(to, reading.log().steps());
    int air = 0;
    for (int k = from; k < last; k++) {
      air += reading.airConditioning(k) ? 1 : 0;
    }
    return Habits.usual(2 * air > to - from).heldIn(reading.gears().most(from, last));
  }

  private static Road.Stop stop(DriveReading reading, int from, int to) {
    Recording log = reading.log();
    double seconds = (to - from) * log.step();
    double turning = 0;
    for (int k = from; k < to; k++) {
      double rpm = log.at(Channel.RPM, k);
      turning += Double.isNaN(rpm) || rpm > DriveReading.RUNS ? 1 : 0;
    }
    return turning / (to - from) > 0.5 ? Road.Stop.idling(seconds) : Road.Stop.off(seconds);
  }

  private static HaulRun.Start start(DriveReading reading, int from) {
    Recording log = reading.log();
    return GaugedState.of(
        reading.setup(),
        log.at(Channel.COOLANT, from),
        log.at(Channel.PAN, from),
        log.at(Channel.OIL_FEED, from),
        log.at(Channel.AMBIENT, from),
        reading.fans().on(from));
  }

  /** What the model makes of it, at the steps of the recording. */
  public Driven drive(Rig rig, Factors factors) {
    int n = reading.log().steps();
    Driven driven = new Driven(unknown(n), unknown(n), unknown(n), unknown(n), new int[n]);
    for (Stretch s : stretches) {
      List<SwitchedFan> switched = reading.setup().switchedFans();
      Trace trace =
          s.fans == null
              ? HaulRun.of(rig, factors, s.trip, s.start, switched, HaulRun.USUAL_HYSTERESIS)
              : HaulRun.imposing(rig, factors, s.trip, s.start, switched, s.fans);
      along(s, trace, driven);
    }
    return driven;
  }

  private static double[] unknown(int n) {
    double[] v = new double[n];
    Arrays.fill(v, Double.NaN);
    return v;
  }

  /**
   * The model at each step, °C and m/s; not a number where it did not drive.
   *
   * @param gear 0 in neutral
   */
  public record Driven(
      double[] coolant, double[] sump, double[] feed, double[] speed, int[] gear) {}

  /**
   * Where the model is slower than the truck was it comes later to the same places: moments are
   * those of the same place, or of as much of a stop.
   */
  private void along(Stretch s, Trace trace, Driven driven) {
    List<Trace.Moment> moments = trace.moments();
    double[] arrives = new double[s.knots.length];
    int m = 0;
    for (int k = 0; k < s.knots.length; k++) {
      while (m + 1 < moments.size() && moments.get(m).distance() < s.places[k] - 0.5) {
        m++;
      }
      arrives[k] = moments.get(m).time();
    }
    arrives[s.knots.length - 1] = trace.last().time();
    int k = 0;
    int at = 0;
    for (int i = s.from; i < s.to; i++) {
      while (k + 2 < s.knots.length && s.knots[k + 1] <= i) {
        k++;
      }
      double share = (i + 0.5 - s.knots[k]) / Math.max(1, s.knots[k + 1] - s.knots[k]);
      double time = arrives[k] + share * (arrives[k + 1] - arrives[k]);
      while (at + 1 < moments.size() && moments.get(at + 1).time() <= time) {
        at++;
      }
      Trace.Moment a = moments.get(at);
      Trace.Moment b = moments.get(Math.min(at + 1, moments.size() - 1));
      double w =
          b.time() > a.time()
              ? Math.max(0, Math.min(1, (time - a.time()) / (b.time() - a.time())))
              : 0;
      driven.coolant[i] = a.coolant() + w * (b.coolant() - a.coolant());
      driven.sump[i] = a.sump() + w * (b.sump() - a.sump());
      driven.feed[i] = a.feed() + w * (b.feed() - a.feed());
      driven.speed[i] = a.speed() + w * (b.speed() - a.speed());
      driven.gear[i] = w < 0.5 ? a.gear() : b.gear();
    }
  }
}
