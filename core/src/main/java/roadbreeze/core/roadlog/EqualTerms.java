package roadbreeze.core.roadlog;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;

/**
 * Work held against what was there before it, on equal terms: kelvin over the air for each watt, of
 * windows that are comparable. Where none are but some are nearly so the model says what the terms
 * make of it, and the interval is wider by that; else there is silence.
 *
 * @param basis empty where they cannot be compared
 * @param more heat that is shed after the work for the same kelvin, less than 0 for less (-)
 * @param spread half width of nineteen in twenty (-)
 * @param kelvin that it is cooler by at what was driven after the work
 * @param kelvinSpread half width of nineteen in twenty, K
 * @param before places of the windows that were used, among those before
 * @param after the same
 * @param why it cannot be compared, or not better
 * @param wanted the drive that would settle it; empty where it is settled
 */
public record EqualTerms(
    Fluid fluid,
    Optional<Basis> basis,
    double more,
    double spread,
    double kelvin,
    double kelvinSpread,
    List<Integer> before,
    List<Integer> after,
    List<Finding> why,
    Optional<Finding> wanted) {

  /** On which terms. */
  public enum Basis implements Code {
    SAME_TERMS,
    PER_KILOWATT
  }

  /** One of the two, with its build and its windows. */
  public record Side(Setup setup, List<SteadyWindow> windows) {
    public Side {
      windows = List.copyOf(windows);
    }
  }

  // As the rule has it: so far apart and still comparable (-).
  public static final double SPEED_APART = 0.10;
  public static final double HEAT_APART = 0.15;

  // Further apart than this the model is not asked either; own default.
  private static final double SPEED_FAR = 0.30;
  private static final double HEAT_FAR = 0.60;
  private static final double FANS_APART = 0.1;

  /** What the model says of other terms may be off by so much of what it says (-); own default. */
  private static final double MODEL_OFF = 0.4;

  /** Half width over standard deviation, nineteen in twenty. */
  static final double NINETEEN_IN_TWENTY = 1.96;

  private static final int SCATTERS_FROM = 3;

  public static EqualTerms of(Fluid fluid, Side before, Side after) {
    return new Comparing(fluid, before, after).result();
  }

  /** It is shown that it sheds more, or less. */
  public boolean shown() {
    return basis.isPresent() && Math.abs(more) > spread;
  }

  /** In sentences. */
  public List<Finding> says() {
    if (basis.isEmpty()) {
      return List.of();
    }
    if (!shown()) {
      return List.of(ProofSays.NO_DIFFERENCE.with(more, spread));
    }
    return more > 0
        ? List.of(
            ProofSays.SHEDS_MORE.with(more, spread), ProofSays.COOLER.with(kelvin, kelvinSpread))
        : List.of(
            ProofSays.SHEDS_LESS.with(-more, spread), ProofSays.HOTTER.with(-kelvin, kelvinSpread));
  }

  /** Windows of both sides that go together. */
  private record Pair(int before, int after, double ratio, double byModel) {}

  private static final class Comparing {
    private final Fluid fluid;
    private final Side before;
    private final Side after;
    private final Set<Finding> why = new LinkedHashSet<>();

    Comparing(Fluid fluid, Side before, Side after) {
      this.fluid = fluid;
      this.before = before;
      this.after = after;
    }

    EqualTerms result() {
      List<Integer> own = telling(before, ProofSays.NO_WINDOW_BEFORE, ProofSays.SILENT_BEFORE);
      List<Integer> other = telling(after, ProofSays.NO_WINDOW_AFTER, ProofSays.SILENT_AFTER);
      List<Pair> same = new ArrayList<>();
      List<Pair> near = new ArrayList<>();
      for (int b : own) {
        for (int a : other) {
          SteadyWindow first = before.windows.get(b);
          SteadyWindow second = after.windows.get(a);
          double ratio = first.kelvinPerWatt(fluid) / second.kelvinPerWatt(fluid);
          Optional<Finding> apart = apart(first, second, SPEED_APART, HEAT_APART);
          if (apart.isEmpty() && !(first.of(fluid).steady() && second.of(fluid).steady())) {
            why.add(ProofSays.STILL_MOVED.with());
            near.add(new Pair(b, a, Math.log(ratio), 0));
          } else if (apart.isEmpty()) {
            same.add(new Pair(b, a, Math.log(ratio), 0));
          } else if (apart(first, second, SPEED_FAR, HEAT_FAR).isEmpty()) {
            why.add(apart.get());
            byModel(first, second).ifPresent(c -> near.add(new Pair(b, a, Math.log(ratio) - c, c)));
          } else {
            why.add(apart.get());
          }
        }
      }
      if (!same.isEmpty()) {
        why.clear();
        return together(Basis.SAME_TERMS, same);
      }
      return near.isEmpty() ? silent() : together(Basis.PER_KILOWATT, near);
    }

    private List<Integer> telling(Side side, ProofSays none, ProofSays silent) {
      List<Integer> tell = new ArrayList<>();
      Set<ProofSays> reasons = new LinkedHashSet<>();
      for (int i = 0; i < side.windows.size(); i++) {
        ProofSays reason = side.windows.get(i).silent(fluid);
        if (reason == null) {
          tell.add(i);
        } else {
          reasons.add(reason);
        }
      }
      if (side.windows.isEmpty()) {
        why.add(none.with());
      } else if (tell.isEmpty()) {
        reasons.forEach(r -> why.add(silent.with(r.with())));
      }
      return tell;
    }

    private Optional<Finding> apart(
        SteadyWindow b, SteadyWindow a, double speedApart, double heatApart) {
      if (b.stands() != a.stands()) {
        return Optional.of(ProofSays.STANDING_AND_DRIVING.with());
      }
      if (Double.isNaN(b.fans()) || Double.isNaN(a.fans())) {
        return Optional.of(ProofSays.FANS_UNKNOWN.with());
      }
      if (Math.abs(b.fans() - a.fans()) > FANS_APART) {
        return Optional.of(ProofSays.FANS_DIFFER.with(b.fans(), a.fans()));
      }
      if (!b.knownAir() || !a.knownAir()) {
        return Optional.of(ProofSays.AIR_CONDITIONING_UNKNOWN.with());
      }
      if (b.at().airConditioning() != a.at().airConditioning()) {
        return Optional.of(ProofSays.AIR_CONDITIONING_DIFFERS.with());
      }
      if (far(b.at().speed(), a.at().speed()) > speedApart && !b.stands()) {
        return Optional.of(ProofSays.SPEEDS_APART.with(b.at().speed(), a.at().speed()));
      }
      return far(heat(b), heat(a)) > heatApart
          ? Optional.of(ProofSays.HEATS_APART.with(heat(b), heat(a)))
          : Optional.empty();
    }

    private double heat(SteadyWindow w) {
      return fluid == Fluid.COOLANT
          ? w.heat().orElseThrow().engine()
          : w.heat().orElseThrow().oil();
    }

    private static double far(double x, double y) {
      return Math.abs(x - y) / ((x + y) / 2);
    }

    /**
     * What the terms alone make of kelvin for each watt, as a logarithm: the truck before the work
     * in both of them.
     */
    private Optional<Double> byModel(SteadyWindow b, SteadyWindow a) {
      if (b.stands()) {
        return Optional.empty();
      }
      try {
        return Optional.of(Math.log(kelvinPerWatt(b, b.at()) / kelvinPerWatt(b, a.at())));
      } catch (RefusedException e) {
        return Optional.empty();
      }
    }

    private double kelvinPerWatt(SteadyWindow window, OperatingPoint at) {
      Balance balance = window.balance(before.setup, at);
      double heat =
          fluid == Fluid.COOLANT
              ? balance.heat().engineToCoolant()
              : balance.heat().converter() + balance.heat().gearbox();
      return (fluid.of(balance) - at.ambient()) / heat;
    }

    private EqualTerms together(Basis basis, List<Pair> pairs) {
      double mean = weighted(pairs, Pair::ratio);
      double byModel = weighted(pairs, p -> Math.abs(p.byModel));
      List<Integer> own = pairs.stream().map(Pair::before).distinct().sorted().toList();
      List<Integer> other = pairs.stream().map(Pair::after).distinct().sorted().toList();
      double variance =
          variance(before, own, pairs, Pair::before)
              + variance(after, other, pairs, Pair::after)
              + square(MODEL_OFF * byModel);
      double half = NINETEEN_IN_TWENTY * Math.sqrt(variance);
      double more = Math.expm1(mean);
      double spread = Math.exp(mean) * half;
      double rise =
          other.stream()
              .mapToDouble(
                  i -> after.windows.get(i).of(fluid).mean() - after.windows.get(i).at().ambient())
              .average()
              .orElseThrow();
      EqualTerms terms =
          new EqualTerms(
              fluid,
              Optional.of(basis),
              more,
              spread,
              more * rise,
              spread * rise,
              own,
              other,
              List.copyOf(why),
              Optional.empty());
      return basis == Basis.SAME_TERMS ? terms : terms.wanting(wanted());
    }

    /** Of the mean over the windows used: each one's own, what they share, and how they scatter. */
    private double variance(
        Side side, List<Integer> used, List<Pair> pairs, Function<Pair, Integer> which) {
      double own = 0;
      double shared = 0;
      for (int i : used) {
        SteadyWindow w = side.windows.get(i);
        double share = weighted(pairs, p -> which.apply(p) == i ? 1 : 0);
        own += square(share * w.ownError(fluid));
        shared += share * w.sharedError(fluid);
      }
      if (used.size() >= SCATTERS_FROM) {
        // Windows of other terms differ by themselves: what scatters is what their pairs say.
        ToDoubleFunction<Integer> log =
            i -> weighted(pairs.stream().filter(p -> which.apply(p) == i).toList(), Pair::ratio);
        double mean = used.stream().mapToDouble(log).average().orElseThrow();
        double squares = used.stream().mapToDouble(i -> square(log.applyAsDouble(i) - mean)).sum();
        own = Math.max(own, squares / (used.size() - 1) / used.size());
      }
      return own + square(shared);
    }

    /** The surer windows count for more. */
    private double weighted(List<Pair> pairs, ToDoubleFunction<Pair> what) {
      double sum = 0;
      double weights = 0;
      for (Pair p : pairs) {
        double weight =
            1
                / (square(before.windows.get(p.before).ownError(fluid))
                    + square(after.windows.get(p.after).ownError(fluid))
                    + square(MODEL_OFF * p.byModel));
        sum += weight * what.applyAsDouble(p);
        weights += weight;
      }
      return sum / weights;
    }

    private static double square(double x) {
      return x * x;
    }

    private EqualTerms silent() {
      return new EqualTerms(
          fluid,
          Optional.empty(),
          Double.NaN,
          Double.NaN,
          Double.NaN,
          Double.NaN,
          List.of(),
          List.of(),
          List.copyOf(why),
          Optional.of(wanted()));
    }

    /** Of the other drive's window that tells most, once more. */
    private Finding wanted() {
      if (why.contains(ProofSays.SILENT_BEFORE.with(ProofSays.NOT_RECORDED.with()))
          || why.contains(ProofSays.SILENT_AFTER.with(ProofSays.NOT_RECORDED.with()))) {
        return ProofSays.RECORD_IT.with();
      }
      Optional<SteadyWindow> model =
          Stream.concat(before.windows.stream(), after.windows.stream())
              .filter(w -> w.silent(fluid) == null)
              .max(Comparator.comparingDouble(this::heat));
      if (model.isEmpty()) {
        return ProofSays.DRIVE_HARDER.with();
      }
      SteadyWindow w = model.get();
      double least = Math.max(WindowFinder.SHORTEST * 2, w.seconds());
      if (w.stands()) {
        return ProofSays.STAND_AGAIN.with(least);
      }
      ProofSays fans =
          w.fans() > 1 - FANS_APART
              ? ProofSays.ALL_FANS
              : w.fans() < FANS_APART ? ProofSays.NO_FANS : ProofSays.FANS_ALIKE;
      return ProofSays.DRIVE_AGAIN.with(
          w.at().speed() * (1 - SPEED_APART / 2),
          w.at().speed() * (1 + SPEED_APART / 2),
          w.at().grade(),
          least,
          fans.with(),
          (w.at().airConditioning() ? ProofSays.CONDITIONING_ON : ProofSays.CONDITIONING_OFF)
              .with());
    }
  }

  private EqualTerms wanting(Finding drive) {
    return new EqualTerms(
        fluid, basis, more, spread, kelvin, kelvinSpread, before, after, why, Optional.of(drive));
  }
}
