package roadbreeze.core.roadlog;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import org.hipparchus.stat.regression.SimpleRegression;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Code;
import roadbreeze.core.log.Channel;
import roadbreeze.core.vehicle.RoadLoad;
import roadbreeze.core.vehicle.Surface;

/**
 * Finds the steady windows of a drive: at least {@link #SHORTEST} in which speed, grade, fans and
 * air conditioning stay as they are and coolant or oil drift less than the rule.
 */
public final class WindowFinder {
  /** s */
  public static final double SHORTEST = 120;

  /** So many more windows say how much they scatter, s. */
  public static final double LONGEST = 240;

  /** Of coolant and of oil, K/s. */
  public static final double COOLANT_DRIFT = 0.5 / 60;

  public static final double OIL_DRIFT = 1.0 / 60;

  /** So many times as much can still be taken off, less surely; own. */
  private static final double NEAR = 3;

  /** Standard deviation of the speed, of its mean (-), and of a truck that stands nearly, m/s. */
  public static final double SPEED_SPREAD = 0.05;

  private static final double STILL = 0.5;

  /** Standard deviation of the grade, rise over run. */
  public static final double GRADE_SPREAD = 0.01;

  /** How far the fans may differ inside a window (-). */
  private static final double FAN_CHANGE = 0.02;

  /** A new beginning, and a longer window, are tried in such steps, s. */
  private static final double TRIES = 5;

  /** Known of so much of a window (-). */
  private static final double KNOWN = 0.95;

  private final DriveReading reading;
  private final Recording log;
  private final Map<Rule, Integer> broken = new EnumMap<>(Rule.class);

  /** What keeps a stretch from being a window. */
  public enum Rule implements Code {
    UNKNOWN,
    SPEED,
    GRADE,
    FANS,
    AIR_CONDITIONING,
    TEMPERATURES
  }

  /**
   * @param windows in their order, none over another
   * @param seconds of the drive that broke each rule first
   */
  public record Found(List<SteadyWindow> windows, Map<Rule, Double> seconds) {}

  private WindowFinder(DriveReading reading) {
    this.reading = reading;
    log = reading.log();
  }

  public static Found of(DriveReading reading) {
    return new WindowFinder(reading).find();
  }

  private Found find() {
    List<SteadyWindow> windows = new ArrayList<>();
    int least = (int) Math.ceil(SHORTEST / log.step());
    int most = (int) Math.floor(LONGEST / log.step());
    int tries = Math.max(1, (int) Math.round(TRIES / log.step()));
    int i = 0;
    while (i + least <= log.steps()) {
      Optional<Rule> fails = fails(i, i + least);
      if (fails.isPresent()) {
        broken.merge(fails.get(), tries, Integer::sum);
        i += tries;
        continue;
      }
      int end = i + least;
      while (end + tries <= Math.min(log.steps(), i + most) && fails(i, end + tries).isEmpty()) {
        end += tries;
      }
      windows.add(window(i, end));
      i = end;
    }
    Map<Rule, Double> seconds = new EnumMap<>(Rule.class);
    broken.forEach((rule, steps) -> seconds.put(rule, steps * log.step()));
    return new Found(List.copyOf(windows), seconds);
  }

  /** Of some steps: how many are known, their mean and standard deviation, and how they drift. */
  private record Line(int known, double mean, double spread, double drift, double residual) {}

  private Line line(int from, int to, IntToDoubleFunction of) {
    SimpleRegression line = new SimpleRegression();
    for (int i = from; i < to; i++) {
      double v = of.applyAsDouble(i);
      if (!Double.isNaN(v)) {
        line.addData(i * log.step(), v);
      }
    }
    int n = (int) line.getN();
    if (n < 2) {
      return new Line(n, Double.NaN, Double.NaN, Double.NaN, Double.NaN);
    }
    double middle = (from + to - 1) / 2.0 * log.step();
    return new Line(
        n,
        line.predict(middle),
        Math.sqrt(line.getTotalSumSquares() / (n - 1)),
        line.getSlope(),
        Math.sqrt(line.getMeanSquareError()));
  }

  private Line line(int from, int to, Channel channel) {
    return line(from, to, i -> log.at(channel, i));
  }

  private Optional<Rule> fails(int from, int to) {
    double wanted = KNOWN * (to - from);
    Line speed = line(from, to, Channel.SPEED);
    Line air = line(from, to, Channel.AMBIENT);
    Line grade = line(from, to, i -> reading.road().grade()[i]);
    boolean stands = speed.mean < DriveReading.STANDS;
    if (speed.known < wanted || air.known < wanted || !stands && grade.known < wanted) {
      return Optional.of(Rule.UNKNOWN);
    }
    if (!(speed.spread <= Math.max(STILL, SPEED_SPREAD * speed.mean))) {
      return Optional.of(Rule.SPEED);
    }
    if (!stands && !(grade.spread <= GRADE_SPREAD)) {
      return Optional.of(Rule.GRADE);
    }
    if (changes(reading.fans().running(), from, to)) {
      return Optional.of(Rule.FANS);
    }
    Line conditioning = line(from, to, Channel.AIR_CONDITIONING);
    if (conditioning.spread > FAN_CHANGE) {
      return Optional.of(Rule.AIR_CONDITIONING);
    }
    boolean steady =
        held(from, to, Channel.COOLANT, COOLANT_DRIFT).near()
            || held(from, to, Channel.PAN, OIL_DRIFT).near()
            || held(from, to, Channel.OIL_FEED, OIL_DRIFT).near();
    return steady ? Optional.empty() : Optional.of(Rule.TEMPERATURES);
  }

  private static boolean changes(double[][] fans, int from, int to) {
    for (double[] fan : fans) {
      for (int i = from + 1; i < to; i++) {
        if (Math.abs(fan[i] - fan[i - 1]) > FAN_CHANGE) {
          return true;
        }
      }
    }
    return false;
  }

  private SteadyWindow.Held held(int from, int to, Channel channel, double most) {
    Line t = line(from, to, channel);
    if (t.known < KNOWN * (to - from)) {
      return SteadyWindow.Held.NONE;
    }
    // Readings of neighbouring seconds err together: a tenth of them count.
    double error = t.residual / Math.sqrt(t.known / 10.0);
    return new SteadyWindow.Held(
        t.mean, t.drift, error, Math.abs(t.drift) <= most, Math.abs(t.drift) <= NEAR * most);
  }

  private SteadyWindow window(int from, int to) {
    Line speed = line(from, to, Channel.SPEED);
    boolean stands = speed.mean < DriveReading.STANDS;
    double climb = line(from, to, i -> reading.road().grade()[i]).mean;
    double grade = stands ? 0 : climb + speed.drift / RoadLoad.GRAVITY;
    Line conditioning = line(from, to, Channel.AIR_CONDITIONING);
    double height = line(from, to, i -> reading.road().elevation()[i]).mean;
    OperatingPoint at =
        new OperatingPoint(
            RoadLoad.GRADE.nearest(grade),
            OperatingPoint.SPEED.nearest(speed.mean),
            line(from, to, Channel.AMBIENT).mean,
            Double.isNaN(height) ? 0 : height,
            conditioning.mean > 0.5,
            OperatingPoint.Heater.BY_AMBIENT,
            reading.gears().most(from, to),
            0,
            Surface.ASPHALT);
    SteadyWindow.Held coolant = held(from, to, Channel.COOLANT, COOLANT_DRIFT);
    SteadyWindow.Held pan = held(from, to, Channel.PAN, OIL_DRIFT);
    SteadyWindow.Held feed = held(from, to, Channel.OIL_FEED, OIL_DRIFT);
    double slip = line(from, to, i -> reading.gears().slip()[i]).mean;
    return new SteadyWindow(
        log.begin() + from * log.step(),
        log.begin() + to * log.step(),
        stands,
        at,
        reading.fans().share(from, to),
        log.has(Channel.AIR_CONDITIONING),
        slip,
        coolant,
        pan,
        feed,
        WindowHeat.of(
            reading.setup(),
            at,
            stands,
            reading.fans().on(from),
            reading.road().heights().gradeError(),
            new WindowHeat.Warm(coolant.mean(), pan.mean(), feed.mean())));
  }
}
