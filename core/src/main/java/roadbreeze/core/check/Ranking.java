package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;

/**
 * What is likely wrong, and what to look at next. Every fault that the truck can have is put on it
 * at several amounts and run at the moments of the readings and at those the complaint speaks of;
 * two at once among those that are likeliest alone. Bayes' rule weighs them; what the model itself
 * may be off by is part of the likelihood, and the same for all.
 *
 * @param faults likeliest first
 * @param soundButSmall probability that nothing is wrong: the truck is too small for what it does
 * @param pairs the likeliest of two at once, likeliest first
 * @param doubt that is left over what is wrong: its entropy, bits
 * @param next checks that are left, best first
 * @param misfit how badly even the best suspicion fits the readings, as a multiple of what their
 *     errors explain
 */
public record Ranking(
    List<Likely> faults,
    double soundButSmall,
    List<Pair> pairs,
    double doubt,
    List<Next> next,
    double misfit) {
  /** Faults that are tried two at a time. */
  private static final int TOGETHER = 6;

  private static final int MOST_PAIRS = 3;

  /** A check finds an amount to so much of the span from mild to severe, one standard deviation. */
  private static final double AMOUNT_WITHIN = 0.25;

  /** Readings that fit nothing count for no more than this, chi-square. */
  private static final double MOST_MISFIT = 30;

  /**
   * @param probability alone or together with another
   * @param amount that is likeliest, NaN where it has none
   */
  public record Likely(Fault fault, double probability, double amount) {}

  /** Two at once. */
  public record Pair(Fault one, Fault other, double probability) {}

  /**
   * @param bits that it is expected to tell
   * @param worth bits for each ten minutes of it, a risky one's counted longer
   */
  public record Next(Check check, double bits, double worth) {}

  /** A suspicion, with what would be seen if it were so. */
  private record Suspicion(List<Fault.At> faults, double prior, List<Seen> seen) {
    Set<Fault> which() {
      Set<Fault> which = EnumSet.noneOf(Fault.class);
      faults.forEach(at -> which.add(at.fault()));
      return which;
    }

    double gauge() {
      return faults.stream()
          .filter(at -> at.fault() == Fault.GAUGE_HIGH)
          .mapToDouble(Fault.At::amount)
          .sum();
    }
  }

  /** Nothing is wrong: the truck is likelier too small than to have any one fault. */
  public boolean saysTooSmall() {
    return faults.isEmpty() || soundButSmall > faults.get(0).probability();
  }

  /**
   * @param evidence at whose moments the suspects were run
   */
  public static Ranking of(Suspects suspects, Priors priors, Evidence evidence) {
    Weighing weighing =
        new Weighing(
            suspects.judge(),
            evidence,
            suspects.spread().reading(Spread.readings(evidence.moments(), Sighting.POINTS)));
    List<Suspicion> suspicions = new ArrayList<>();
    suspicions.add(suspicion(suspects, List.of(), priors.none()));
    for (List<Fault.At> alone : suspects.alone()) {
      Fault fault = alone.get(0).fault();
      double prior = priors.of(fault) / Suspects.amounts(fault).size();
      if (prior > 0) {
        suspicions.add(suspicion(suspects, alone, prior));
      }
    }
    suspicions.addAll(pairs(suspects, priors, weighing.of(suspicions)));
    return weighing.of(suspicions).ranking(suspects.sound());
  }

  private static Suspicion suspicion(Suspects suspects, List<Fault.At> faults, double prior) {
    return new Suspicion(faults, prior, suspects.seen(faults));
  }

  /** Two at once, each as bad as it likeliest is alone; met independently of each other. */
  private static List<Suspicion> pairs(Suspects suspects, Priors priors, Weighed alone) {
    double all = alone.suspicions().stream().mapToDouble(Suspicion::prior).sum();
    List<Fault.At> likeliest = alone.likeliest();
    List<Suspicion> pairs = new ArrayList<>();
    for (int i = 0; i < Math.min(TOGETHER, likeliest.size()); i++) {
      for (int j = 0; j < i; j++) {
        List<Fault.At> both = new ArrayList<>(List.of(likeliest.get(j), likeliest.get(i)));
        both.sort(Comparator.comparing(Fault.At::fault));
        double prior = priors.of(both.get(0).fault()) * priors.of(both.get(1).fault()) / all;
        pairs.add(suspicion(suspects, List.copyOf(both), prior));
      }
    }
    return pairs;
  }

  /** Holds suspicions against the evidence. */
  private record Weighing(Judge judge, Evidence evidence, Spread.Known known) {
    Weighed of(List<Suspicion> suspicions) {
      double[] weight = new double[suspicions.size()];
      double best = Double.POSITIVE_INFINITY;
      double sum = 0;
      for (int i = 0; i < weight.length; i++) {
        Suspicion s = suspicions.get(i);
        double[] expected = expected(s);
        double misfit = known.misfit(expected);
        best = Math.min(best, misfit);
        weight[i] =
            s.prior()
                * Math.exp(-Math.min(MOST_MISFIT, misfit) / 2)
                * complaint(s, expected)
                * checks(s);
        sum += weight[i];
      }
      for (int i = 0; i < weight.length; i++) {
        weight[i] /= sum;
      }
      int readings = Spread.readings(evidence.moments(), 0).size();
      return new Weighed(
          suspicions, weight, evidence, readings == 0 ? 0 : Math.sqrt(best / readings));
    }

    /** What a reader of temperatures would read, row by row of the spread. */
    private double[] expected(Suspicion s) {
      double[] expected = new double[Spread.FLUIDS * s.seen().size()];
      for (int p = 0; p < s.seen().size(); p++) {
        boolean onDash =
            p < Sighting.POINTS || evidence.moments().get(p - Sighting.POINTS).onDash();
        expected[Spread.FLUIDS * p] = s.seen().get(p).coolant() + (onDash ? s.gauge() : 0);
        expected[Spread.FLUIDS * p + 1] = s.seen().get(p).pan();
      }
      return expected;
    }

    private double complaint(Suspicion s, double[] expected) {
      if (evidence.complaint().isEmpty()) {
        return 1;
      }
      double[] pull = known.pull(expected);
      for (int r = 0; r < pull.length; r++) {
        pull[r] += expected[r];
      }
      Sighting sighting = new Sighting(s.seen(), s.which(), judge.limits(), pull, known.sigma());
      double likelihood = 1;
      for (Map.Entry<Symptom, Boolean> said : evidence.complaint().entrySet()) {
        double seen = sighting.probability(said.getKey());
        likelihood *= said.getValue() ? seen : 1 - seen;
      }
      return likelihood;
    }

    private double checks(Suspicion s) {
      double likelihood = 1;
      for (Evidence.Checked done : evidence.checked()) {
        likelihood *= done.failed() ? named(done, s) : 1 - fails(done.check(), s.which());
      }
      return likelihood;
    }

    /** That a check fails and names what it does. */
    private static double named(Evidence.Checked done, Suspicion s) {
      if (done.found().isEmpty()) {
        return fails(done.check(), s.which());
      }
      double best = Check.FALSE_ALARM;
      for (Fault.At at : s.faults()) {
        for (Fault.At found : done.found()) {
          double finds = done.check().finds(at.fault());
          boolean meant = done.check().alike(found.fault()).contains(at.fault());
          double share = at.fault() == found.fault() ? asMuch(at, found) : 1;
          best = Math.max(best, meant ? share * finds : Check.MISTAKEN * finds);
        }
      }
      return best;
    }

    /** How much of a fault's weight its amount has, once one was found. */
    private static double asMuch(Fault.At suspected, Fault.At found) {
      Fault fault = found.fault();
      if (!fault.hasAmount()) {
        return 1;
      }
      double all = 0;
      for (double step : Suspects.amounts(fault)) {
        all += likeness(step, found);
      }
      double mean = all / Suspects.amounts(fault).size();
      return mean > 0 ? likeness(suspected.amount(), found) / mean : 1;
    }

    private static double likeness(double amount, Fault.At found) {
      double span = Math.abs(found.fault().amount(1) - found.fault().amount(0));
      double off = (amount - found.amount()) / (AMOUNT_WITHIN * span);
      return Math.exp(-off * off / 2);
    }
  }

  /** How likely a check finds something where these are wrong. */
  private static double fails(Check check, Set<Fault> which) {
    double passes = 1 - Check.FALSE_ALARM;
    for (Fault fault : which) {
      passes = Math.min(passes, 1 - check.finds(fault));
    }
    return 1 - passes;
  }

  /** Suspicions with their probabilities. */
  private record Weighed(
      List<Suspicion> suspicions, double[] weight, Evidence evidence, double misfit) {
    Ranking ranking(Setup sound) {
      return new Ranking(likely(), weight[0], pairs(), doubt(), next(sound), misfit);
    }

    List<Likely> likely() {
      Map<Fault, double[]> of = new EnumMap<>(Fault.class);
      for (int i = 1; i < weight.length; i++) {
        for (Fault.At at : suspicions.get(i).faults()) {
          double[] sums = of.computeIfAbsent(at.fault(), f -> new double[2]);
          sums[0] += weight[i];
          sums[1] += weight[i] * at.amount();
        }
      }
      List<Likely> likely = new ArrayList<>();
      of.forEach(
          (fault, sums) ->
              likely.add(
                  new Likely(fault, sums[0], sums[0] > 0 ? sums[1] / sums[0] : fault.amount(0.5))));
      likely.sort(Comparator.comparingDouble(Likely::probability).reversed());
      return List.copyOf(likely);
    }

    /** Faults in the order of {@link #likely}, each at the amount tried that fits best. */
    List<Fault.At> likeliest() {
      List<Fault.At> best = new ArrayList<>();
      for (Likely fault : likely()) {
        int at = -1;
        for (int i = 1; i < weight.length; i++) {
          if (suspicions.get(i).faults().get(0).fault() == fault.fault()
              && (at < 0 || weight[i] > weight[at])) {
            at = i;
          }
        }
        best.add(suspicions.get(at).faults().get(0));
      }
      return best;
    }

    private List<Pair> pairs() {
      List<Pair> pairs = new ArrayList<>();
      for (int i = 1; i < weight.length; i++) {
        List<Fault.At> faults = suspicions.get(i).faults();
        if (faults.size() == 2) {
          pairs.add(new Pair(faults.get(0).fault(), faults.get(1).fault(), weight[i]));
        }
      }
      pairs.sort(Comparator.comparingDouble(Pair::probability).reversed());
      return List.copyOf(pairs.subList(0, Math.min(MOST_PAIRS, pairs.size())));
    }

    private List<Next> next(Setup sound) {
      Set<Check> done = EnumSet.noneOf(Check.class);
      evidence.checked().forEach(c -> done.add(c.check()));
      List<Next> next = new ArrayList<>();
      for (Check check : Check.values()) {
        if (check.isFor(sound) && !done.contains(check)) {
          double bits = tells(check);
          next.add(new Next(check, bits, 10 * bits / check.cost()));
        }
      }
      next.sort(Comparator.comparingDouble(Next::worth).reversed());
      return List.copyOf(next);
    }

    /** Expected fall of the entropy over what is wrong, bits; how bad it is does not count. */
    private double tells(Check check) {
      double fails = 0;
      double afterFail = 0;
      double afterPass = 0;
      for (Map.Entry<Set<Fault>, Double> c : classes().entrySet()) {
        double p = c.getValue();
        double f = fails(check, c.getKey());
        fails += p * f;
        afterFail -= plogp(p * f);
        afterPass -= plogp(p * (1 - f));
      }
      // H(class | verdict) = H(class, verdict) − H(verdict)
      return doubt() - (afterFail + afterPass + plogp(fails) + plogp(1 - fails));
    }

    private double doubt() {
      return -classes().values().stream().mapToDouble(Weighed::plogp).sum();
    }

    /** What is wrong, however bad it is. */
    private Map<Set<Fault>, Double> classes() {
      Map<Set<Fault>, Double> classes = new HashMap<>();
      for (int i = 0; i < weight.length; i++) {
        classes.merge(suspicions.get(i).which(), weight[i], Double::sum);
      }
      return classes;
    }

    private static double plogp(double p) {
      return p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
  }
}
