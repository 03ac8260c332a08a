package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * What a yard buys by the box, the metre or the kilogram.
 *
 * @param upToMm the largest bore, outside or thread that it serves; null where size makes no
 *     difference, likewise what follows
 * @param upToMm2 the thickest copper that it serves
 * @param upToAmps the most current that it is bought for
 * @param price of one piece, metre, square metre or kilogram
 */
public record SupplyPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull What what,
    @Within(min = 0.5, max = 200, kind = Kind.SIZE) Double upToMm,
    @Within(min = 0.2, max = 100, kind = Kind.CROSS_SECTION) Double upToMm2,
    @Within(min = 0.1, max = 200, kind = Kind.CURRENT) Double upToAmps,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What it is, and by what it is counted. */
  public enum What {
    /** By the kilogram. */
    STEEL,
    ALUMINIUM,
    /** By the square metre. */
    SHEET,
    PAINT,
    /** By the metre. */
    COOLANT_HOSE,
    FOAM,
    SLEEVE,
    HEAT_WRAP,
    WIRE,
    /** By the piece. */
    HOSE_JOINER,
    CONSTANT_TENSION,
    LINED_WORM,
    PLAIN_WORM,
    CLIP,
    ELBOW,
    LINE_ADAPTER,
    LINE_CAP,
    GROMMET,
    SCREW,
    HARDWARE,
    ISOLATOR,
    RIVET_NUT,
    TERMINAL,
    WIRE_SEAL,
    FUSE,
    BREAKER,
    RELAY,
    CONTROLLER,
    DUTY_CONTROLLER,
    THERMAL_SWITCH,
    DRIVER_SWITCH,
    DIODE,
    RESISTOR,
    LAMP,
    GAUGE,
    SENDER,
    RELAY_BOX
  }

  /** The largest that it serves, of whatever it is measured by. */
  double upTo() {
    if (upToMm != null) {
      return upToMm;
    }
    if (upToMm2 != null) {
      return upToMm2;
    }
    return upToAmps == null ? Double.POSITIVE_INFINITY : upToAmps;
  }
}
