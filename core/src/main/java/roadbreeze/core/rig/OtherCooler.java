package roadbreeze.core.rig;

import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Name;
import roadbreeze.core.stack.LayerRole;

/**
 * A cooler in the pack that neither coolant nor gearbox oil flows through. What it gives the air is
 * set; it warms and holds up the air of what stands behind it.
 *
 * @param core with its outline where it stands
 * @param behindOil it stands behind the oil coolers at its place in depth, not before them
 * @param gives its kind's usual heat, or what is known of it
 */
public record OtherCooler(
    Name name,
    Kind kind,
    Core core,
    CoolerFit.Place place,
    boolean behindOil,
    LayerRole.OtherCooler gives) {

  /** What it cools, with the heat that is usual of such; our own estimates. */
  public enum Kind implements Code {
    STEERING(1500, 0, Name.Noun.STEERING_COOLER, Assumed.STEERING_HEAT),
    /** A share of what the engine gives its coolant, which is not relieved of it. */
    ENGINE_OIL(0, 0.07, Name.Noun.ENGINE_OIL_COOLER, Assumed.ENGINE_OIL_HEAT),
    HYDRAULIC(3000, 0, Name.Noun.HYDRAULIC_COOLER, Assumed.HYDRAULIC_HEAT),
    FUEL(500, 0, Name.Noun.FUEL_COOLER, Assumed.FUEL_HEAT);

    private final LayerRole.OtherCooler usual;
    private final Name.Noun noun;
    private final Assumed doubt;

    Kind(double heat, double engineShare, Name.Noun noun, Assumed doubt) {
      usual = new LayerRole.OtherCooler(heat, engineShare);
      this.noun = noun;
      this.doubt = doubt;
    }

    public LayerRole.OtherCooler usual() {
      return usual;
    }

    public Name.Noun noun() {
      return noun;
    }

    /** Which assumed number its usual heat is. */
    public Assumed doubt() {
      return doubt;
    }
  }

  OtherCooler scaled(double factor) {
    return new OtherCooler(name, kind, core, place, behindOil, gives.scaled(factor));
  }
}
