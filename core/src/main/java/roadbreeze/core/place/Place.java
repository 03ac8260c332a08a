package roadbreeze.core.place;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.sizing.Margins;

/**
 * A cooler where it could stand.
 *
 * @param fit how it stands there
 * @param swapped the oil goes through from its other port than now, so that air rises out
 * @param box the room that it takes
 * @param margins of the truck on the worst stretch
 * @param radiatorShadow share of the radiator's face behind it (-)
 * @param condenserShadow share of the condenser's; empty without one
 * @param fans those that draw or blow through it, the one over most of it first
 * @param brackets from ears to holes that are there, each screw within a tool's reach
 * @param toDrill ears that no such hole is near
 * @param frequency of the cooler on those brackets, Hz; empty on none
 * @param hoses length of both to where the oil comes from and goes, roughly, m; empty where that is
 *     not measured
 * @param sprayed it hangs under the bumper
 * @param moved what has to be put elsewhere for it
 * @param time of hands for brackets, holes and what is moved, s
 */
public record Place(
    CoolerFit fit,
    boolean swapped,
    Box box,
    Margins margins,
    double radiatorShadow,
    OptionalDouble condenserShadow,
    List<BeforeFan> fans,
    int brackets,
    int toDrill,
    OptionalDouble frequency,
    OptionalDouble hoses,
    boolean sprayed,
    List<Solid> moved,
    double time) {

  /**
   * A fan that a cooler stands before.
   *
   * @param share of the cooler's face (-)
   * @param always it turns whenever the engine does; else a switch decides
   */
  public record BeforeFan(Name fan, double share, boolean always) {}

  /** Headrooms nearer than this are worth the same, K. */
  private static final double AS_GOOD = 1;

  /** From a look at it to a finished bracket on its screws, s; own default. */
  private static final double A_BRACKET = 25 * 60;

  /** A hole drilled, deburred, painted and a rivet nut drawn in, s; own default. */
  private static final double A_HOLE = 10 * 60;

  /** Its brackets are too soft for a road. */
  private boolean shakes() {
    return frequency.isPresent() && frequency.getAsDouble() < Holding.LEAST_FREQUENCY;
  }

  static double time(int brackets, int toDrill, List<Solid> moved) {
    double moving = moved.stream().mapToDouble(s -> s.move().orElseThrow().time()).sum();
    return (brackets + toDrill) * A_BRACKET + toDrill * A_HOLE + moving;
  }

  /**
   * The better place first: by whole kelvins of headroom that nine cases in ten keep, then by work,
   * then stiff, then out of the spray, then by hose.
   */
  static final Comparator<Place> BETTER_FIRST =
      Comparator.comparingDouble((Place p) -> -Math.floor(p.margins.sure() / AS_GOOD))
          .thenComparingDouble(Place::time)
          .thenComparing(Place::shakes)
          .thenComparing(Place::sprayed)
          .thenComparingDouble(p -> p.hoses.orElse(0))
          .thenComparingDouble(p -> -p.margins.sure());

  /**
   * A place better than all that are free, for which something has to be moved.
   *
   * @param kelvin more than the best of those; where none is free, than the cooler has as it stands
   */
  public record Bought(Place place, double kelvin) {}
}
