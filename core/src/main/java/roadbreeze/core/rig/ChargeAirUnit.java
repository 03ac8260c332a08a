package roadbreeze.core.rig;

import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.stack.Rectangle;

/** A charge-air cooler that may replace the truck's own, m. */
public record ChargeAirUnit(double width, double height, double depth, double finsPerInch) {

  /** In its mounts: low, on the same middle line. */
  Core inPlaceOf(Core own) {
    Rectangle o = own.outline();
    return new Core(
        new Rectangle(o.x() + (o.width() - width) / 2, o.y(), width, height),
        depth,
        finsPerInch,
        FinMetal.ALUMINIUM);
  }
}
