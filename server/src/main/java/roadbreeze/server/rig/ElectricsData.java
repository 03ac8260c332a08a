package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.wiring.Supply;
import roadbreeze.server.problem.Within;

/**
 * The truck's own electrics.
 *
 * @param volts of the system
 * @param alternatorA on its plate, null where nobody has read it
 * @param batteryAh its capacity
 * @param loadA what is on already at a warm idle, with lamps and blower
 * @param boxSpareA what a fuse box of the truck's still has to give, null where not known
 */
public record ElectricsData(
    @Within(min = 6, max = 60, kind = Kind.VOLTAGE) double volts,
    @Nullable @Within(min = 10, max = 500, kind = Kind.CURRENT) Double alternatorA,
    @Within(min = 10, max = 400, kind = Kind.CHARGE) double batteryAh,
    @Within(min = 0, max = 400, kind = Kind.CURRENT) double loadA,
    @Nullable @Within(min = 0, max = 400, kind = Kind.CURRENT) Double boxSpareA) {

  public Supply toCore() {
    return new Supply(volts, optional(alternatorA), batteryAh * 3600, loadA, optional(boxSpareA));
  }

  private static OptionalDouble optional(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }
}
