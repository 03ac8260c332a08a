package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.vehicle.RoadLoad;

/**
 * What the rating on a box means on this truck and road; heats W, masses kg.
 *
 * @param needed what must leave the oil through coolers to hold the pan at its limit here
 * @param claimedHere what the claim comes to at this truck's temperatures, empty for a mass
 * @param fitted what the fitted coolers take with the pan as it settles
 * @param massHeld combined mass at which the first limit is reached, empty if the truck holds all
 *     it can pull
 * @param enough empty where a claim alone cannot tell
 */
public record BoxRating(
    double needed,
    OptionalDouble claimedHere,
    double fitted,
    OptionalDouble massHeld,
    Optional<Boolean> enough,
    List<Finding> reading) {
  /** Oil over air at which boxes that do not say are taken to be rated, K. */
  private static final double USUAL_DIFFERENCE = 55;

  private static final double HEAVIEST = 40_000;
  private static final double MASS_STEP = 5;

  /** How the claim is read, sentence by sentence. */
  public enum Reading implements Code {
    NEEDED("into POWER", "needed POWER", "limit TEMPERATURE"),
    TEMPERATURES_UNSAID("taken DIFFERENCE"),
    CLAIM_HERE("difference DIFFERENCE", "claim POWER", "here POWER"),
    MORE_THAN_NEEDED("more POWER"),
    SHORT("short POWER"),
    FITTED("takes POWER"),
    MASS_IS_NO_HEAT("mass MASS"),
    HEAT_AT_MASS("mass MASS", "into POWER"),
    NO_CLIMB_AT_MASS("mass MASS", "reason FINDING"),
    NO_LIMIT_REACHED,
    LIMIT_AT("mass MASS"),
    LIMIT_UNDER_CLAIM("mass MASS");

    private final List<Parameter> parameters;

    Reading(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * A claimed heat.
   *
   * @param claim W
   * @param difference oil entering over air entering at which it is claimed, K, where the box says
   */
  public static BoxRating ofHeat(
      Rig rig,
      OperatingPoint point,
      Limits limits,
      double coolantLimit,
      double claim,
      OptionalDouble difference) {
    Here here = new Here(rig, point, limits, coolantLimit);
    List<Finding> reading = new ArrayList<>(List.of(here.neededSaid()));
    double rated = difference.orElse(USUAL_DIFFERENCE);
    if (difference.isEmpty()) {
      reading.add(Reading.TEMPERATURES_UNSAID.with(rated));
    }
    // With the pan at its limit the oil reaches the cooler warmer by what the converter adds.
    double over = limits.pan() - point.ambient();
    double claimed = claim * over / rated;
    boolean enough = claimed >= here.needed;
    reading.add(Reading.CLAIM_HERE.with(over, claim, claimed));
    reading.add(
        enough
            ? Reading.MORE_THAN_NEEDED.with(claimed - here.needed)
            : Reading.SHORT.with(here.needed - claimed));
    if (here.fitted > 0) {
      reading.add(Reading.FITTED.with(here.fitted));
    }
    return new BoxRating(
        here.needed,
        OptionalDouble.of(claimed),
        here.fitted,
        here.massHeld,
        Optional.of(enough),
        reading);
  }

  /**
   * A claim "for up to" a combined mass.
   *
   * @param claim kg
   */
  public static BoxRating ofMass(
      Rig rig, OperatingPoint point, Limits limits, double coolantLimit, double claim) {
    Here here = new Here(rig, point, limits, coolantLimit);
    List<Finding> reading = new ArrayList<>(List.of(here.neededSaid()));
    reading.add(Reading.MASS_IS_NO_HEAT.with(claim));
    try {
      Balance claimed = new SteadyBalance(rig.withMass(claim)).quiet().solve(point);
      reading.add(
          Reading.HEAT_AT_MASS.with(claim, claimed.heat().converter() + claimed.heat().gearbox()));
    } catch (RefusedException e) {
      reading.add(Reading.NO_CLIMB_AT_MASS.with(claim, e.finding()));
    }
    Optional<Boolean> enough = Optional.empty();
    if (here.massHeld.isEmpty()) {
      reading.add(Reading.NO_LIMIT_REACHED.with());
    } else {
      double held = here.massHeld.getAsDouble();
      enough = Optional.of(held >= claim);
      reading.add((held >= claim ? Reading.LIMIT_AT : Reading.LIMIT_UNDER_CLAIM).with(held));
    }
    return new BoxRating(
        here.needed, OptionalDouble.empty(), here.fitted, here.massHeld, enough, reading);
  }

  /** What the truck asks of a cooler on its road. */
  private static final class Here {
    private final Limits limits;
    private final double input;
    private final double needed;
    private final double fitted;
    private final OptionalDouble massHeld;

    Here(Rig rig, OperatingPoint point, Limits limits, double coolantLimit) {
      this.limits = limits;
      Balance now = new SteadyBalance(rig).quiet().solve(point);
      Balance.HeatFlows h = now.heat();
      input = h.converter() + h.gearbox();
      double caseAtLimit =
          rig.oilLoop()
              .caseHeat(limits.pan(), now.coolant(), point.ambient(), now.driveline().speed());
      needed = Math.max(0, input - caseAtLimit);
      fitted = h.coolers().values().stream().mapToDouble(x -> x).sum();
      massHeld = massHeld(rig, point, limits, coolantLimit);
    }

    Finding neededSaid() {
      return Reading.NEEDED.with(input, needed, limits.pan());
    }

    private static OptionalDouble massHeld(
        Rig rig, OperatingPoint point, Limits limits, double coolantLimit) {
      double least = RoadLoad.MASS.low();
      double most =
          Reach.most(
              least,
              HEAVIEST,
              MASS_STEP,
              mass -> Reach.holds(rig.withMass(mass), point, limits, coolantLimit));
      if (Double.isNaN(most)) {
        return OptionalDouble.of(least);
      }
      return most < HEAVIEST ? OptionalDouble.of(most) : OptionalDouble.empty();
    }
  }
}
