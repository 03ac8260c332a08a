package roadbreeze.core.sizing;

import java.util.OptionalInt;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;

/**
 * A setup on a stretch that is held until the temperatures settle, as a haul of which there may be
 * less.
 */
public final class HeldStretch implements WayOut.Haul {
  private final double truck;
  private final double trailer;
  private final Rig rig;
  private final OperatingPoint point;
  private final Limits limits;
  private final double coolantLimit;

  /**
   * @param coolantLimit as it stands at this boiling point, °C
   */
  public HeldStretch(Setup setup, OperatingPoint point, Limits limits, double coolantLimit) {
    truck = setup.truck().load().vehicleMass();
    trailer = setup.truck().load().trailerMass();
    rig = Assembly.rig(setup);
    this.point = point;
    this.limits = limits;
    this.coolantLimit = coolantLimit;
  }

  @Override
  public Less now() {
    return new Less(trailer, point.speed(), point.ambient(), OptionalInt.empty());
  }

  /** The gear taken, or the highest where no steady state tells. */
  @Override
  public int gear() {
    try {
      return new SteadyBalance(rig).quiet().solve(point).driveline().gear();
    } catch (NotConvergedException e) {
      return rig.powertrain().driveline().gears();
    }
  }

  @Override
  public Less steps() {
    return new Less(1, 0.1 / 3.6, 0.1, OptionalInt.empty());
  }

  @Override
  public boolean holds(Less less) {
    OperatingPoint there = point.withSpeed(less.speed()).withAmbient(less.ambient());
    OperatingPoint driven = less.gear().isPresent() ? there.heldIn(less.gear().getAsInt()) : there;
    return Reach.holds(rig.withMass(truck + less.trailer()), driven, limits, coolantLimit);
  }
}
