package roadbreeze.core.explain;

/**
 * A part of the truck: what it is called by, and what it is known by.
 *
 * @param id short and stable, of one thing only
 * @param noun what kind of thing it is
 * @param number among several of its kind, 0 where there is one
 * @param given name that a person gave it, null where the noun does
 */
public record Name(String id, Noun noun, int number, String given) {

  /** Kinds of things with a name. */
  public enum Noun implements Code {
    RADIATOR,
    CONDENSER,
    CHARGE_AIR_COOLER,
    OIL_COOLER,
    OIL_COOLER_FAN,
    STEERING_COOLER,
    ENGINE_OIL_COOLER,
    HYDRAULIC_COOLER,
    FUEL_COOLER,
    MAIN_FAN,
    FAN,
    OBSTACLE,
    HOLE,
    CROSS_CHANNEL,
    REMOTE_PLACE,
    RADIATOR_FRAME,
    RADIATOR_TOP,
    LINE_PORT,
    FEED_LINE,
    RETURN_LINE,
    TANK_INLET,
    TANK_OUTLET,
    COOLER_INLET,
    COOLER_OUTLET,
    HOSE,
    FILTER,
    BRACKET,
    PLATE,
    OIL_GAUGE,
    WIRED_EXTRA;
  }

  public static Name of(Noun noun) {
    return new Name(
        noun.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'), noun, 0, null);
  }

  /** One of several, counted from 0. */
  public static Name of(String id, Noun noun, int index) {
    return new Name(id, noun, index == 0 ? 0 : index + 1, null);
  }

  public static Name given(String id, Noun noun, String name) {
    return new Name(id, noun, 0, name);
  }
}
