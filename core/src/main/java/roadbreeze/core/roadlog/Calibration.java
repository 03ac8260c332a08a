package roadbreeze.core.roadlog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.IntPredicate;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresBuilder;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LeastSquaresProblem;
import org.hipparchus.optim.nonlinear.vector.leastsquares.LevenbergMarquardtOptimizer;
import org.hipparchus.optim.nonlinear.vector.leastsquares.MultivariateJacobianFunction;
import org.hipparchus.util.MathArrays;
import org.hipparchus.util.Pair;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Calibrated;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Uncertainty;

/**
 * The model tuned to a truck by its recorded drives: least squares over whole trajectories, their
 * steady windows counting most, with what is known of any truck as priors. What the drives cannot
 * tell keeps its prior and is named.
 *
 * @param fitted factors of the model and offsets of gauges, in the order of the correlation
 * @param correlation of these (-)
 * @param covariance of the factors alone, relative, standard deviations squared
 * @param readings that counted
 * @param before root mean square of what the model was off by, untuned, K
 * @param after the same, tuned
 * @param checks drives that were left out
 */
public record Calibration(
    List<Fitted> fitted,
    double[][] correlation,
    double[][] covariance,
    int readings,
    double before,
    double after,
    List<Check> checks,
    List<Finding> says) {

  /**
   * One number.
   *
   * @param of a {@link Factor} or a {@link SensorOffset}
   * @param value a factor, or K
   * @param prior nine-in-ten half width that was known
   * @param spread nine-in-ten half width that is left
   */
  public record Fitted(Code of, double value, double prior, double spread) {
    /** The drives have told something of it. */
    public boolean told() {
      return spread < TOLD * prior;
    }
  }

  /**
   * A drive that was left out.
   *
   * @param before what the untuned model is off by on it, K
   * @param after the same, tuned
   */
  public record Check(String run, double before, double after) {}

  /** What is sought of the model, with the nine-in-ten half widths of any truck. */
  private static final Map<Factor, Double> SOUGHT = new LinkedHashMap<>();

  static {
    for (Uncertainty.Source source : Uncertainty.SOURCES) {
      SOUGHT.put(source.factor(), source.spread());
    }
    // Own defaults: of slip as a converter's curve, of oil as a flow that nobody measured.
    SOUGHT.put(Factor.CONVERTER_HEAT, 0.20);
    SOUGHT.put(Factor.OIL_FLOW, 0.25);
  }

  /** A spread that is less than this of its prior is news (-). */
  static final double TOLD = 0.8;

  private static final double TIED = 0.85;

  /** Further off than this many nine-in-ten half widths is not the model's. */
  private static final double FAR = 1.5;

  /** Readings are taken so far apart, s. */
  private static final double APART = 20;

  /** What the model gets wrong in a reading stays wrong for so long, s; own default. */
  private static final double STAYS_WRONG = 120;

  /** What the model gets wrong in steady windows and elsewhere, one standard deviation, K. */
  private static final double STEADY_ERROR = 1.0;

  private static final double MOVING_ERROR = 2.0;

  /** What was guessed of the beginning is forgotten after so long, s. */
  private static final double FORGETS = 120;

  /** A temperature that nobody recorded at the beginning is right after so long, s. */
  private static final double SETTLES = 420;

  private static final double STEP = 0.02;

  /** Nearer than this slopes are the same, standard deviations of any truck. */
  private static final double SLOPES_HOLD = 0.15;

  private static final int TURNS = 4;

  private static final double LEAST = 0.4;
  private static final double MOST = 2;
  private static final int MOST_ROUNDS = 25;
  private static final double CLOSE = 2e-3;
  private static final int LEAST_READINGS = 3;

  /**
   * A drive with its name.
   *
   * @param moments that were read off a gauge, beside what a logger recorded
   */
  public record Source(String run, DriveReading reading, List<ReadMoment> moments) {
    public Source(String run, DriveReading reading) {
      this(run, reading, List.of());
    }
  }

  /**
   * @param from drives it is tuned to
   * @param checks drives that are left out of it
   * @param unwanted told how many drives of the model are done; true ends it early
   * @return empty where the model cannot drive them, or they hold too little
   * @throws CancellationException if it was not wanted any more
   */
  public static Optional<Calibration> of(
      List<Source> from, List<Source> checks, IntPredicate unwanted) {
    List<Part> parts = new ArrayList<>();
    for (Source source : from) {
      parts.addAll(parts(source));
    }
    int readings = parts.stream().mapToInt(p -> p.readings().size()).sum();
    if (readings < LEAST_READINGS) {
      return Optional.empty();
    }
    try {
      return Optional.of(new Fit(parts, unwanted).calibration(checks));
    } catch (RefusedException e) {
      return Optional.empty(); // the model cannot drive them
    }
  }

  /**
   * A reading that counts.
   *
   * @param step of its recording, or place of its moment
   * @param sigma standard deviation, K
   */
  private record Reading(SensorOffset sensor, int step, double value, double sigma) {}

  /** Something of a drive with the readings of it that count. */
  private interface Part {
    List<Reading> readings();

    /** What the model has at the readings, °C. */
    double[] at(Factors factors);
  }

  private static List<Part> parts(Source source) {
    return List.of(Driven.of(source.reading), Rested.of(source));
  }

  /** Moments that had settled, each held against the model at rest. */
  private record Rested(Rig rig, Setup setup, List<ReadMoment> moments, List<Reading> readings)
      implements Part {
    static Rested of(Source source) {
      Setup setup = source.reading.setup();
      List<ReadMoment> settled = new ArrayList<>();
      List<Reading> readings = new ArrayList<>();
      for (ReadMoment m : source.moments) {
        boolean fansKnown = setup.switchedFans().isEmpty() || !Double.isNaN(m.fans());
        if (m.steady() < WindowFinder.SHORTEST || m.stands() || !fansKnown) {
          continue;
        }
        double sigma = Math.hypot(STEADY_ERROR, m.error() / Margin.NINE_IN_TEN);
        for (SensorOffset sensor : SensorOffset.values()) {
          double value = sensor.of(m);
          if (!Double.isNaN(value)) {
            readings.add(new Reading(sensor, settled.size(), value, sigma));
          }
        }
        settled.add(m);
      }
      Rig rig = Assembly.rig(setup).withKnown(Factors.NOMINAL);
      return new Rested(rig, setup, settled, readings);
    }

    @Override
    public double[] at(Factors factors) {
      List<Balance> balances = new ArrayList<>();
      for (ReadMoment m : moments) {
        Rig blown =
            HaulRun.blown(
                rig,
                setup.switchedFans(),
                k -> m.fans() >= 0.5,
                Habits.usual(m.at().airConditioning()),
                false);
        balances.add(new SteadyBalance(blown, factors).quiet().solve(m.at()));
      }
      return readings.stream()
          .mapToDouble(r -> r.sensor.fluid().of(balances.get(r.step)))
          .toArray();
    }
  }

  /** A recorded drive. */
  private record Driven(ModelDrive model, Rig rig, List<Reading> readings) implements Part {
    static Driven of(DriveReading reading) {
      ModelDrive model = ModelDrive.of(reading);
      Rig rig = Assembly.rig(reading.setup()).withKnown(Factors.NOMINAL);
      List<SteadyWindow> windows = WindowFinder.of(reading).windows();
      Recording log = reading.log();
      List<Reading> readings = new ArrayList<>();
      double counts = Math.sqrt(Math.max(APART, log.step()) / STAYS_WRONG);
      int every = Math.max(1, (int) Math.round(APART / log.step()));
      for (SensorOffset sensor : SensorOffset.values()) {
        for (int[] stretch : model.stretches()) {
          boolean known = !Double.isNaN(log.at(sensor.channel(), stretch[0]));
          int first = stretch[0] + (int) ((known ? FORGETS : SETTLES) / log.step());
          for (int i = first; i < stretch[1]; i += every) {
            double value = log.at(sensor.channel(), i);
            if (!Double.isNaN(value)) {
              double t = log.time(i);
              boolean steady = windows.stream().anyMatch(w -> w.from() <= t && t < w.to());
              double error = steady ? STEADY_ERROR : MOVING_ERROR;
              readings.add(new Reading(sensor, i, value, error / counts));
            }
          }
        }
      }
      return new Driven(model, rig, readings);
    }

    @Override
    public double[] at(Factors factors) {
      ModelDrive.Driven driven = model.drive(rig, factors);
      return readings.stream().mapToDouble(r -> r.sensor.of(driven)[r.step]).toArray();
    }
  }

  private static final class Fit {
    private final List<Part> parts;
    private final IntPredicate unwanted;
    private final List<Factor> factors = List.copyOf(SOUGHT.keySet());
    private final List<SensorOffset> offsets;
    private final List<Reading> readings;
    private int drives;

    Fit(List<Part> parts, IntPredicate unwanted) {
      this.parts = parts;
      this.unwanted = unwanted;
      readings = parts.stream().flatMap(p -> p.readings().stream()).toList();
      offsets =
          Arrays.stream(SensorOffset.values())
              .filter(s -> readings.stream().anyMatch(r -> r.sensor == s))
              .toList();
    }

    private int size() {
      return factors.size() + offsets.size();
    }

    private double prior(int k) {
      double half = k < factors.size() ? SOUGHT.get(factors.get(k)) : SensorOffset.SPREAD;
      return half / Margin.NINE_IN_TEN;
    }

    private Factors factors(double[] x) {
      Factors f = Factors.NOMINAL;
      for (int k = 0; k < factors.size(); k++) {
        f = f.with(factors.get(k), x[k]);
      }
      return f;
    }

    private double[] start() {
      double[] x = new double[size()];
      Arrays.fill(x, 0, factors.size(), 1);
      return x;
    }

    /** The model at all readings, gauges as they read. */
    private double[] model(Factors f) {
      if (unwanted.test(++drives)) {
        throw new CancellationException("nobody waits for this calibration");
      }
      double[] all = new double[readings.size()];
      int at = 0;
      for (Part part : parts) {
        double[] own = part.at(f);
        System.arraycopy(own, 0, all, at, own.length);
        at += own.length;
      }
      return all;
    }

    /** Residuals over their deviations, with the priors under them. */
    private double[] residuals(double[] model, double[] x) {
      double[] r = new double[readings.size() + size()];
      for (int i = 0; i < readings.size(); i++) {
        Reading reading = readings.get(i);
        double reads = model[i] + x[factors.size() + offsets.indexOf(reading.sensor)];
        r[i] = (reads - reading.value) / reading.sigma;
      }
      for (int k = 0; k < size(); k++) {
        r[readings.size() + k] = (x[k] - (k < factors.size() ? 1 : 0)) / prior(k);
      }
      return r;
    }

    private RealMatrix jacobian(double[] model, double[] x) {
      RealMatrix j = MatrixUtils.createRealMatrix(readings.size() + size(), size());
      for (int k = 0; k < factors.size(); k++) {
        double[] moved = x.clone();
        moved[k] += STEP;
        double[] there = model(factors(moved));
        for (int i = 0; i < readings.size(); i++) {
          j.setEntry(i, k, (there[i] - model[i]) / STEP / readings.get(i).sigma);
        }
      }
      for (int i = 0; i < readings.size(); i++) {
        int k = factors.size() + offsets.indexOf(readings.get(i).sensor);
        j.setEntry(i, k, 1 / readings.get(i).sigma);
      }
      for (int k = 0; k < size(); k++) {
        j.setEntry(readings.size() + k, k, 1 / prior(k));
      }
      return j;
    }

    Calibration calibration(List<Source> checks) {
      double[] x = start();
      RealMatrix slopes = jacobian(model(factors(x)), x);
      for (int turn = 0; turn < TURNS; turn++) {
        double[] found = rest(x, slopes);
        boolean near = furthest(found, x) < SLOPES_HOLD;
        x = found;
        slopes = jacobian(model(factors(x)), x);
        if (near) {
          break;
        }
      }
      RealMatrix covariance =
          new CholeskyDecomposition(slopes.transposeMultiply(slopes)).getSolver().getInverse();
      return result(x, covariance, checks);
    }

    /**
     * Slopes cost ten drives and change little: they stay until it has come to rest by them, or
     * until they lead no further.
     */
    private double[] rest(double[] from, RealMatrix slopes) {
      double[] best = from.clone();
      double[] least = {Double.POSITIVE_INFINITY};
      MultivariateJacobianFunction function =
          point -> {
            double[] x = point.toArray();
            RealVector off = MatrixUtils.createRealVector(residuals(model(factors(x)), x));
            if (off.getNorm() < least[0]) {
              least[0] = off.getNorm();
              System.arraycopy(x, 0, best, 0, x.length);
            }
            return new Pair<>(off, slopes);
          };
      LeastSquaresProblem problem =
          new LeastSquaresBuilder()
              .start(from)
              .target(new double[readings.size() + size()])
              .model(function)
              .parameterValidator(this::held)
              .checkerPair((i, a, b) -> MathArrays.distanceInf(a.getFirst(), b.getFirst()) < CLOSE)
              .maxEvaluations(4 * MOST_ROUNDS)
              .maxIterations(MOST_ROUNDS)
              .build();
      try {
        return new LevenbergMarquardtOptimizer().optimize(problem).getPoint().toArray();
      } catch (MathIllegalStateException e) {
        return best; // round and round by slopes that are wrong by now
      }
    }

    /** Of all, in standard deviations of any truck. */
    private double furthest(double[] a, double[] b) {
      double most = 0;
      for (int k = 0; k < a.length; k++) {
        most = Math.max(most, Math.abs(a[k] - b[k]) / prior(k));
      }
      return most;
    }

    private RealVector held(RealVector x) {
      RealVector held = x.copy();
      for (int k = 0; k < factors.size(); k++) {
        held.setEntry(k, Math.max(LEAST, Math.min(MOST, x.getEntry(k))));
      }
      return held;
    }

    private Code of(int k) {
      return k < factors.size() ? factors.get(k) : offsets.get(k - factors.size());
    }

    private Calibration result(double[] x, RealMatrix covariance, List<Source> checks) {
      List<Fitted> fitted = new ArrayList<>();
      double[][] correlation = new double[size()][size()];
      for (int k = 0; k < size(); k++) {
        double sigma = Math.sqrt(covariance.getEntry(k, k));
        fitted.add(
            new Fitted(of(k), x[k], Margin.NINE_IN_TEN * prior(k), Margin.NINE_IN_TEN * sigma));
        for (int l = 0; l < size(); l++) {
          correlation[k][l] =
              covariance.getEntry(k, l) / sigma / Math.sqrt(covariance.getEntry(l, l));
        }
      }
      int n = factors.size();
      double before = off(readings, model(Factors.NOMINAL), new double[offsets.size()]);
      double[] gauges = Arrays.copyOfRange(x, n, x.length);
      double after = off(readings, model(factors(x)), gauges);
      List<Check> checked = new ArrayList<>();
      for (Source source : checks) {
        for (Part part : parts(source)) {
          check(source.run, part, factors(x), gauges).ifPresent(checked::add);
        }
      }
      return new Calibration(
          fitted,
          correlation,
          covariance.getSubMatrix(0, n - 1, 0, n - 1).getData(),
          readings.size(),
          before,
          after,
          checked,
          says(fitted, correlation, before, after, checked));
    }

    /** Empty where the model cannot drive it, or it holds nothing. */
    private Optional<Check> check(String run, Part part, Factors tuned, double[] gauges) {
      if (part.readings().isEmpty()) {
        return Optional.empty();
      }
      try {
        return Optional.of(
            new Check(
                run,
                off(part.readings(), part.at(Factors.NOMINAL), new double[offsets.size()]),
                off(part.readings(), part.at(tuned), gauges)));
      } catch (RefusedException e) {
        return Optional.empty();
      }
    }

    private double off(List<Reading> at, double[] model, double[] gauges) {
      double squares = 0;
      for (int i = 0; i < at.size(); i++) {
        int gauge = offsets.indexOf(at.get(i).sensor);
        double reads = model[i] + (gauge < 0 ? 0 : gauges[gauge]);
        squares += (reads - at.get(i).value) * (reads - at.get(i).value);
      }
      return Math.sqrt(squares / at.size());
    }

    private List<Finding> says(
        List<Fitted> fitted,
        double[][] correlation,
        double before,
        double after,
        List<Check> checked) {
      List<Finding> says = new ArrayList<>();
      says.add(CalibrationSays.FITS.with(before, after, readings.size()));
      for (int k = 0; k < factors.size(); k++) {
        Fitted f = fitted.get(k);
        if (!f.told()) {
          says.add(CalibrationSays.NOT_TOLD.with(f.of, f.prior));
        } else if (Math.abs(f.value - 1) > FAR * f.prior) {
          says.add(CalibrationSays.FAR_OFF.with(f.of, f.value, f.prior));
        }
      }
      for (int k = 0; k < size(); k++) {
        for (int l = 0; l < k; l++) {
          if (Math.abs(correlation[k][l]) > TIED) {
            says.add(CalibrationSays.NOT_APART.with(of(l), of(k), correlation[k][l]));
          }
        }
      }
      for (Check c : checked) {
        says.add(CalibrationSays.CHECKED.with(c.run, c.before, c.after));
        if (c.after > c.before) {
          says.add(CalibrationSays.WORSE_ELSEWHERE.with());
        }
      }
      if (checked.isEmpty()) {
        says.add(CalibrationSays.NOT_CHECKED.with());
      }
      return says;
    }
  }

  /**
   * What the model takes up of it, for the setup that was driven: all that bands always count, and
   * of slip and oil flow what the drives have told.
   */
  public Calibrated of(Setup driven) {
    List<Integer> kept = new ArrayList<>();
    List<Factor> taken = new ArrayList<>();
    Factors model = Factors.NOMINAL;
    for (int k = 0; k < covariance.length; k++) {
      Factor factor = (Factor) fitted.get(k).of;
      boolean counted = Uncertainty.SOURCES.stream().anyMatch(s -> s.factor() == factor);
      if (counted || fitted.get(k).told()) {
        kept.add(k);
        taken.add(factor);
        model = model.with(factor, fitted.get(k).value);
      }
    }
    double[][] of = new double[kept.size()][kept.size()];
    for (int i = 0; i < of.length; i++) {
      for (int j = 0; j < of.length; j++) {
        of[i][j] = covariance[kept.get(i)][kept.get(j)];
      }
    }
    return new Calibrated(
        model, taken, of, Optional.of(driven.radiator()), Optional.of(Calibrated.fansOf(driven)));
  }
}
