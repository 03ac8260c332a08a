package roadbreeze.core.workorder;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roadbreeze.core.explain.Name;

/**
 * What a plan changes on the truck, and how the yard goes about it.
 *
 * @param things that are made or fitted one by one, by their sort; one that is not listed is not
 *     planned yet
 */
public record WorkScope(Set<Part> parts, Map<Sort, List<Name>> things) {
  /** Things that bring work with them, and circumstances that choose between ways of doing it. */
  public enum Part {
    COOLER,
    COOLER_OFF,
    COOLER_AWAY,
    CHANNEL,
    WELDING,
    CUT_LINES,
    ADAPTERS,
    FILTER,
    OIL_BYPASS,
    SENSOR_TEE,
    TANK_BYPASS,
    OIL_FLOW,
    GEARBOX_BYPASS,
    THERMOSTAT,
    SENSOR,
    PUMP,
    SUCTION_HOSE,
    CAP,
    AIR_IN_LOOP,
    RADIATOR,
    RADIATOR_PLATES,
    FINS,
    SEALS,
    CHARGE_AIR,
    OBSTACLE,
    OTHER_COOLER,
    STEERING,
    HYDRAULIC,
    ENGINE_OIL,
    FUEL,
    FAN_REPAIR,
    FAN_SWAP,
    ELECTRIC_FAN,
    BELT_FAN_OFF,
    BELT_FAN,
    PUSHER,
    CLUTCH,
    CLUTCH_CONTROL,
    COOLER_FAN,
    FAN_SWITCH,
    WIRED,
    CONTROLLER,
    THERMAL_SWITCH,
    TWO_SPEED,
    ENGINE_COMPUTER,
    DRIVER_SWITCH,
    AIR_TRIGGER,
    GAUGE,
    LAMP,
    ELECTRIC_PUMP,
    STANDS,
    LIFT,
    COMES_COLD,
    EXTRACTED,
    WINCH,
    IN_TANK,
    LEVEL_DIPSTICK,
    LEVEL_OVERFLOW,
    GASKET_DRY,
    GASKET_SEALED,
    FILL_FUNNEL,
    FILL_VACUUM,
    FILL_NECK,
    FILL_HEADER,
    FILL_HIGHEST,
    /** Never of itself: what somebody adds. */
    BY_HAND
  }

  /** Sorts of things of which there may be several, each with work of its own. */
  public enum Sort {
    COOLER,
    BRACKET,
    CHANNEL,
    HOSE,
    FILTER,
    FAN,
    OBSTACLE,
    OTHER_COOLER,
    DEVICE,
    PLATE
  }

  public WorkScope {
    parts = parts.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(parts));
    Map<Sort, List<Name>> copy = new EnumMap<>(Sort.class);
    things.forEach((sort, list) -> copy.put(sort, List.copyOf(list)));
    things = Map.copyOf(copy);
  }

  /** Only what changes; nothing of it is planned one by one. */
  public WorkScope(Set<Part> parts) {
    this(parts, Map.of());
  }

  /** The same with more that changes. */
  public WorkScope with(Set<Part> more) {
    Set<Part> all = EnumSet.noneOf(Part.class);
    all.addAll(parts);
    all.addAll(more);
    return new WorkScope(all, things);
  }

  List<Name> of(Sort sort) {
    return things.getOrDefault(sort, List.of());
  }
}
