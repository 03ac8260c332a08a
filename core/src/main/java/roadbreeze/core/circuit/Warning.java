package roadbreeze.core.circuit;

/**
 * Something the reader of a result must know.
 *
 * @param detail in words, with value and unit
 */
public record Warning(Kind kind, String detail) {
  /** What kind of thing it is. */
  public enum Kind {
    /** The road asked more speed than the truck can hold. */
    SLOWED,
    /** The in-tank cooler heats the oil here. */
    TANK_HEATS_OIL,
    /** The fan cannot keep up with ram air and only stands in its way. */
    FAN_RESISTS,
    /** A correlation is used outside its published range. */
    EXTRAPOLATED,
    /** No liquid stays a liquid there: the figure only says "far over". */
    BEYOND_LIQUID
  }
}
