package roadbreeze.core.rig;

import java.util.OptionalDouble;

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

  /** Conductance of the oil cooler in the radiator's tank, W/K; of whichever radiator stands. */
  public OptionalDouble tankConductance() {
    return fitting.radiator().isPresent()
        ? fitting.radiator().get().tankConductance()
        : truck.oil().tankConductance();
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
