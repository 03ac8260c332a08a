package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * How a set of brackets holds a core: all share its mass. What bends and clamps give away is not in
 * it, so that a real set is a little softer.
 *
 * @param frequency first natural one of the core on its brackets, Hz
 * @param stress at the root of the worst bracket at a shock of five times gravity, Pa
 * @param roughStress the same on rough ground, eight times gravity, Pa
 * @param mostStress that lasts, Pa
 */
public record Holding(
    double frequency,
    double stress,
    double roughStress,
    double mostStress,
    List<Finding> findings) {
  /** Shocks of a made road and of rough ground, in gravities. */
  public static final double SHOCK = 5;

  public static final double ROUGH_SHOCK = 8;

  /** Under this the road itself shakes it, Hz. */
  public static final double LEAST_FREQUENCY = 30;

  /** Of the yield stress, so that it lasts. */
  public static final double MOST_OF_YIELD = 0.5;

  private static final Range MASS = new Range(Quantity.CORE_MASS, 0.05, 60);
  private static final double GRAVITY = 9.80665;

  /** Next sizes of strip, m. */
  private static final double[] THICKNESSES = {2e-3, 2.5e-3, 3.2e-3, 4e-3, 5e-3, 6e-3, 8e-3};

  /** What is wrong with it, and what mends it. */
  public enum Fault implements Code {
    SHAKES("is FREQUENCY", "wanted FREQUENCY"),
    YIELDS("is STRESS", "most STRESS"),
    /** From here on what mends both: strip of this thickness. */
    THICKER("to SIZE", "gives FREQUENCY"),
    SHORTER("to SIZE", "gives FREQUENCY"),
    ONE_MORE("count COUNT", "gives FREQUENCY"),
    /** Channels of this section. */
    HEAVIER_CHANNEL("web SIZE", "leg SIZE", "thickness SIZE", "gives FREQUENCY"),
    NOTHING_HELPS;

    private final List<Parameter> parameters;

    Fault(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * @param mass of the core filled with oil, kg
   * @param supports at least one
   */
  public static Holding of(double mass, List<Support> supports, boolean roughGround) {
    MASS.require(mass);
    double frequency = frequency(mass, supports);
    double stress = stress(mass, supports, SHOCK);
    double rough = stress(mass, supports, ROUGH_SHOCK);
    double asked = roughGround ? rough : stress;
    List<Finding> findings = new ArrayList<>();
    double most = MOST_OF_YIELD * leastYield(supports);
    if (frequency < LEAST_FREQUENCY) {
      findings.add(Fault.SHAKES.with(frequency, LEAST_FREQUENCY));
    }
    if (asked > most) {
      findings.add(Fault.YIELDS.with(asked, most));
    }
    if (!findings.isEmpty()) {
      findings.add(mend(mass, supports, roughGround ? ROUGH_SHOCK : SHOCK));
    }
    return new Holding(frequency, stress, rough, most, List.copyOf(findings));
  }

  /**
   * The change that mends it with the least work: thicker strip, a heavier channel, shorter strip,
   * or one more of the last kind.
   */
  private static Finding mend(double mass, List<Support> supports, double shock) {
    for (double thickness : THICKNESSES) {
      if (supports.stream().allMatch(s -> thickness > s.thickness())) {
        List<Support> thicker = supports.stream().<Support>map(s -> s.thicker(thickness)).toList();
        if (holds(mass, thicker, shock)) {
          return Fault.THICKER.with(thickness, frequency(mass, thicker));
        }
      }
    }
    Optional<Finding> heavier = heavier(mass, supports, shock);
    if (heavier.isPresent()) {
      return heavier.get();
    }
    double longest = supports.stream().mapToDouble(Support::reach).max().orElseThrow();
    for (double share = 0.95; share >= 0.5; share -= 0.05) {
      double by = share;
      List<Support> shorter = supports.stream().<Support>map(s -> s.shorter(by)).toList();
      if (holds(mass, shorter, shock)) {
        return Fault.SHORTER.with(longest * share, frequency(mass, shorter));
      }
    }
    List<Support> more = new ArrayList<>(supports);
    more.add(supports.get(supports.size() - 1));
    return holds(mass, more, shock)
        ? Fault.ONE_MORE.with(more.size(), frequency(mass, more))
        : Fault.NOTHING_HELPS.with();
  }

  /** Empty where there is no channel, or none that is kept would do. */
  private static Optional<Finding> heavier(double mass, List<Support> supports, double shock) {
    for (Support support : supports) {
      if (support instanceof Support.Channel channel) {
        for (ChannelStock kept : ChannelStock.kept(channel.section().metal())) {
          List<Support> with =
              supports.stream()
                  .map(s -> s instanceof Support.Channel c ? c.with(kept) : s)
                  .toList();
          if (kept.massPerMetre() > channel.section().massPerMetre() && holds(mass, with, shock)) {
            return Optional.of(
                Fault.HEAVIER_CHANNEL.with(
                    kept.web(), kept.leg(), kept.thickness(), frequency(mass, with)));
          }
        }
      }
    }
    return Optional.empty();
  }

  private static boolean holds(double mass, List<Support> supports, double shock) {
    return frequency(mass, supports) >= LEAST_FREQUENCY
        && stress(mass, supports, shock) <= MOST_OF_YIELD * leastYield(supports);
  }

  private static double leastYield(List<Support> supports) {
    return supports.stream().mapToDouble(Support::yield).min().orElseThrow();
  }

  private static double frequency(double mass, List<Support> supports) {
    double stiffness = supports.stream().mapToDouble(Support::stiffness).sum();
    return Math.sqrt(stiffness / mass) / (2 * Math.PI);
  }

  /** Each takes the share of the load that its stiffness has of the whole. */
  private static double stress(double mass, List<Support> supports, double shock) {
    double whole = supports.stream().mapToDouble(Support::stiffness).sum();
    double load = mass * shock * GRAVITY;
    return supports.stream()
        .mapToDouble(s -> s.stress(load * s.stiffness() / whole))
        .max()
        .orElseThrow();
  }
}
