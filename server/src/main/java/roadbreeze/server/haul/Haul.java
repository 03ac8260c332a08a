package roadbreeze.server.haul;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** The worst stretch of a road, held until the temperatures settle. */
public record Haul(
    @NotBlank @Size(max = 80) String road,
    @Within(min = -15, max = 30, kind = Kind.PERCENT) double gradePercent,
    @Within(min = 5, max = 130, kind = Kind.SPEED) double speedKmh,
    @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) double ambientC,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double altitudeM,
    boolean airConditioning) {

  public OperatingPoint toCore() {
    return new OperatingPoint(
        gradePercent / 100, speedKmh / 3.6, ambientC, altitudeM, airConditioning);
  }
}
