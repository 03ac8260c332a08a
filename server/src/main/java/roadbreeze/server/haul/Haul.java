package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * The worst stretch of a road, held until the temperatures settle.
 *
 * @param heater of the cab, null where it is on when it is cold
 * @param holdGear the selector is held so that no higher gear is taken, null where it is free
 */
public record Haul(
    @NotBlank @Size(max = 80) String road,
    @Within(min = -15, max = 30, kind = Kind.PERCENT) double gradePercent,
    @Within(min = 5, max = 130, kind = Kind.SPEED) double speedKmh,
    @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) double ambientC,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double altitudeM,
    boolean airConditioning,
    @Nullable Boolean heater,
    @Within(min = 1, max = 12, kind = Kind.COUNT) Integer holdGear) {

  /** With the heater by the weather and the gears left to the gearbox. */
  public Haul(
      String road,
      double gradePercent,
      double speedKmh,
      double ambientC,
      double altitudeM,
      boolean airConditioning) {
    this(road, gradePercent, speedKmh, ambientC, altitudeM, airConditioning, null, null);
  }

  public OperatingPoint toCore() {
    return new OperatingPoint(
        gradePercent / 100,
        speedKmh / 3.6,
        ambientC,
        altitudeM,
        airConditioning,
        heater == null
            ? OperatingPoint.Heater.BY_AMBIENT
            : heater ? OperatingPoint.Heater.ON : OperatingPoint.Heater.OFF,
        holdGear == null ? OperatingPoint.FREE : holdGear);
  }
}
