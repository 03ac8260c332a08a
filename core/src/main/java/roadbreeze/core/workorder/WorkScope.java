package roadbreeze.core.workorder;

import java.util.EnumSet;
import java.util.Set;

/** What a plan changes on the truck. */
public record WorkScope(Set<Part> parts) {
  /** Things that bring work with them. */
  public enum Part {
    COOLER,
    TANK_BYPASS,
    THERMOSTAT,
    FAN_REPAIR,
    FAN_SWAP,
    RADIATOR,
    FAN_SWITCH,
    PUMP,
    SUCTION_HOSE,
    CAP,
    AIR_IN_LOOP,
    SENSOR,
    OIL_FLOW,
    FINS,
    SEALS,
    CHARGE_AIR,
    CLUTCH,
    CLUTCH_CONTROL,
    COOLER_FAN,
    OTHER_COOLER,
    OBSTACLE,
    GEARBOX_BYPASS
  }

  public WorkScope {
    parts = parts.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(parts));
  }
}
