package roadbreeze.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/**
 * What the makers of truck, hitch and trailer allow, kg; empty where nobody has read the plate. No
 * cooling raises any of it.
 *
 * @param combined truck and trailer together
 * @param gross the truck alone, with what the trailer puts on its hitch
 * @param tow the trailer
 * @param hitch what rests on the hitch
 */
public record Ratings(
    OptionalDouble combined,
    OptionalDouble gross,
    OptionalDouble tow,
    OptionalDouble frontAxle,
    OptionalDouble rearAxle,
    OptionalDouble hitch) {

  /**
   * What was weighed, kg.
   *
   * @param truck loaded
   * @param empty truck, where it was weighed
   * @param trailer loaded
   * @param onHitch where it was weighed, as the axles
   */
  public record Weighed(
      double truck,
      OptionalDouble empty,
      double trailer,
      OptionalDouble onHitch,
      OptionalDouble frontAxle,
      OptionalDouble rearAxle) {}

  /** A rating that is passed, or a weight that cannot be. */
  public enum Passed implements Code {
    COMBINED("mass MASS", "rating MASS", "over MASS"),
    GROSS("mass MASS", "rating MASS", "over MASS"),
    TOW("mass MASS", "rating MASS", "over MASS"),
    FRONT_AXLE("mass MASS", "rating MASS", "over MASS"),
    REAR_AXLE("mass MASS", "rating MASS", "over MASS"),
    HITCH("mass MASS", "rating MASS", "over MASS"),
    EMPTIER_THAN_LOADED("empty MASS", "loaded MASS");

    private final List<Parameter> parameters;

    Passed(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Every rating that is passed, in the order of the plate. */
  public List<Finding> passed(Weighed w) {
    List<Finding> found = new ArrayList<>();
    if (w.empty().isPresent() && w.empty().getAsDouble() > w.truck()) {
      found.add(Passed.EMPTIER_THAN_LOADED.with(w.empty().getAsDouble(), w.truck()));
    }
    look(found, Passed.COMBINED, w.truck() + w.trailer(), combined);
    look(found, Passed.GROSS, w.truck() + w.onHitch().orElse(0), gross);
    look(found, Passed.TOW, w.trailer(), tow);
    w.frontAxle().ifPresent(mass -> look(found, Passed.FRONT_AXLE, mass, frontAxle));
    w.rearAxle().ifPresent(mass -> look(found, Passed.REAR_AXLE, mass, rearAxle));
    w.onHitch().ifPresent(mass -> look(found, Passed.HITCH, mass, hitch));
    return found;
  }

  private static void look(List<Finding> found, Passed what, double mass, OptionalDouble rating) {
    if (rating.isPresent() && mass > rating.getAsDouble()) {
      found.add(what.with(mass, rating.getAsDouble(), mass - rating.getAsDouble()));
    }
  }
}
