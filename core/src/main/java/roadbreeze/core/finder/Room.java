package roadbreeze.core.finder;

import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.rig.ChargeAirUnit;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.RadiatorUnit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.stack.Rectangle;

/** What goes into a truck at all, before anything is worked out; lengths m. Workshop practice. */
public final class Room {
  /** A radiator may be this much larger than the truck's own and still go in its mounts. */
  private static final double RADIATOR_SLACK = 0.020;

  /** And this much deeper before the fan has to give way. */
  private static final double RADIATOR_DEPTH_SLACK = 0.026;

  /** Fin surface that a charge-air cooler must have of what the old one had. */
  private static final double LEAST_CORE = 0.97;

  /** Share of the core that the blades of a main fan must reach. */
  private static final double LEAST_BLADES = 0.15;

  private Room() {}

  /** Why a part is not tried. */
  public enum Refusal implements Code {
    RADIATOR_TOO_LARGE,
    FAN_TOO_LARGE,
    FAN_TOO_SMALL,
    FAN_OVER_CURRENT,
    CHARGE_AIR_DOES_NOT_FIT;
  }

  public static boolean takes(Setup setup, RadiatorUnit part) {
    Core own = setup.truck().cores().radiator();
    double spare = setup.truck().front().fanToCore() - Clearance.FAN_TO_CORE;
    return part.width() <= own.outline().width() + RADIATOR_SLACK
        && part.height() <= own.outline().height() + RADIATOR_SLACK
        && part.depth() <= own.depth() + Math.min(spare, RADIATOR_DEPTH_SLACK);
  }

  /** A fan whose blades reach so little of the core is for a cooler of its own. */
  public static boolean tooSmall(Setup setup, FanUnit part) {
    double blades = part.count() * Math.PI / 4 * part.diameter() * part.diameter();
    return blades < LEAST_BLADES * setup.radiator().outline().area();
  }

  /** No larger than what its place and the radiator behind it allow, and with no less core. */
  public static boolean takes(Setup setup, ChargeAirUnit part) {
    Optional<Core> own = setup.truck().cores().chargeAirCooler();
    if (own.isEmpty()) {
      return false;
    }
    Core old = own.get();
    Rectangle radiator = setup.radiator().outline();
    return part.width() <= Math.max(old.outline().width(), radiator.width())
        && part.height() <= Math.max(old.outline().height(), radiator.height())
        && part.depth() <= old.depth() + RADIATOR_SLACK
        && part.width() * part.height() * part.depth() * part.finsPerInch()
            >= LEAST_CORE * old.outline().area() * old.depth() * old.finsPerInch();
  }

  /** Blades inside the core; a fan on the engine only where one is now, with its pulley. */
  public static boolean takes(Setup setup, FanUnit part) {
    Core own = setup.truck().cores().radiator();
    return part.diameter() <= own.outline().height()
        && part.diameter() * part.count() <= own.outline().width()
        && (!part.kind().onEngine() || setup.fitting().fanOnEngine());
  }
}
