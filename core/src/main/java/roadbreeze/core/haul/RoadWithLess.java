package roadbreeze.core.haul;

import java.util.OptionalInt;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.WayOut;

/** A setup on its road from end to end, as a haul of which there may be less. */
public final class RoadWithLess implements WayOut.Haul {
  private final HaulCase haul;
  private final double truck;
  private final double trailer;
  private final Rig rig;

  public RoadWithLess(HaulCase haul) {
    Setup setup = haul.setup();
    this.haul = haul;
    truck = setup.truck().load().vehicleMass();
    trailer = setup.truck().load().trailerMass();
    rig = Assembly.rig(setup);
  }

  /** The fastest that the road or its driver allows anywhere, and the hottest of the day. */
  @Override
  public Less now() {
    Trip trip = haul.trip();
    double fastest =
        trip.road().points().stream().mapToDouble(Road.Point::speed).max().orElseThrow();
    double allowed =
        trip.driving().stream().mapToDouble(c -> c.habits().fastest()).max().orElseThrow();
    return new Less(
        trailer, Math.min(fastest, allowed), trip.weather().hottest(), OptionalInt.empty());
  }

  @Override
  public int gear() {
    return rig.powertrain().driveline().gears();
  }

  /** Each question is a drive: closer is not worth it. */
  @Override
  public Less steps() {
    return new Less(20, 1 / 3.6, 0.5, OptionalInt.empty());
  }

  @Override
  public boolean holds(Less less) {
    Trip trip = haul.trip();
    Trip driven =
        trip.warmer(less.ambient() - trip.weather().hottest())
            .always(h -> h.noFasterThan(Math.min(h.fastest(), less.speed())))
            .always(h -> less.gear().isPresent() ? h.heldIn(less.gear().getAsInt()) : h);
    Rig pulling = rig.withMass(truck + less.trailer());
    try {
      return haul.with(driven).drive(pulling, Factors.NOMINAL).outcome().keepsLimits();
    } catch (RefusedException e) {
      return false;
    }
  }
}
