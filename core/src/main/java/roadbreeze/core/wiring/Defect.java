package roadbreeze.core.wiring;

import java.util.List;
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

  /** What can go wrong with a part. */
  static List<Kind> kinds(Part part) {
    if (part instanceof Part.Guard) {
      return List.of(Kind.GUARD_OPEN);
    } else if (part instanceof Part.Relay) {
      return List.of(Kind.RELAY_STUCK, Kind.RELAY_DEAD);
    } else if (part instanceof Part.Contact
        || part instanceof Part.Controller
        || part instanceof Part.Module) {
      return List.of(Kind.SWITCH_OPEN, Kind.SWITCH_CLOSED);
    } else if (part instanceof Part.Motor) {
      return List.of(Kind.MOTOR_OPEN, Kind.POLARITY_SWAPPED);
    }
    return List.of();
  }

  boolean is(Kind other, String id) {
    return kind == other && at.equals(id);
  }
}
