package roadbreeze.core.rig;

import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.OilElement;

/** A truck with a build on it. */
public record Setup(Truck truck, Fitting fitting) {
  public Setup with(Fitting other) {
    return new Setup(truck, other);
  }

  /** The radiator as it stands: the truck's own, or the one that replaces it. */
  public Core radiator() {
    Core own = truck.cores().radiator();
    return fitting.radiator().map(r -> r.inPlaceOf(own)).orElse(own);
  }

  /** The oil cooler in the coolant: in the tank of whichever radiator stands, or beside it. */
  public Optional<OilElement.InTank> tank() {
    OptionalDouble conductance =
        fitting.radiator().isPresent()
            ? fitting.radiator().get().tankConductance()
            : truck.oil().tankConductance();
    return conductance.isEmpty()
        ? Optional.empty()
        : Optional.of(new OilElement.InTank(conductance.getAsDouble(), fitting.tankPlace()));
  }

  /** Pressure that the cap holds, gauge, Pa. */
  public double capPressure() {
    return truck.coolant().capPressure() * fitting.condition().capShare();
  }

  /** Boiling point of the coolant under its cap, °C. */
  public double boilingPoint(double altitude) {
    return truck.coolant().fluid().boilingPoint(capPressure(), altitude);
  }
}
