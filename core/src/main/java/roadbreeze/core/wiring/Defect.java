package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/**
 * Something broken in a circuit.
 *
 * @param at id of the wire or part
 */
public record Defect(Kind kind, String at) {
  /** What can break, and how. */
  public enum Kind implements Code {
    WIRE_BROKEN,
    GUARD_OPEN,
    RELAY_STUCK,
    RELAY_DEAD,
    EARTH_CORRODED,
    POLARITY_SWAPPED,
    SWITCH_OPEN,
    SWITCH_CLOSED,
    MOTOR_OPEN
  }

  /** What corrosion adds to a joint, Ω; own default. */
  static final double CORROSION = 0.5;

  boolean is(Kind other, String id) {
    return kind == other && at.equals(id);
  }
}
