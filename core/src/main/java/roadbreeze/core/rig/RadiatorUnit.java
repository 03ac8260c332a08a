package roadbreeze.core.rig;

import java.util.OptionalDouble;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.stack.Rectangle;

/**
 * A radiator that may replace the truck's own, m.
 *
 * @param tankConductance of the oil cooler in its tank, W/K, where it has one
 */
public record RadiatorUnit(
    double width,
    double height,
    double depth,
    double finsPerInch,
    FinMetal metal,
    RadiatorTubes.Surface tubes,
    OptionalDouble tankConductance) {

  /** In the truck's mounts: low, on the same middle line. */
  Core inPlaceOf(Core own) {
    Rectangle o = own.outline();
    return new Core(
        new Rectangle(o.x() + (o.width() - width) / 2, o.y(), width, height),
        depth,
        finsPerInch,
        metal,
        tubes);
  }
}
