package roadbreeze.server.haul;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.server.problem.Within;

/** The worst stretch of a road, held until the temperatures settle. */
@Embeddable
public record Haul(
    @NotBlank @Size(max = 80) String road,
    @Within(min = -15, max = 30, unit = "%") double gradePercent,
    @Within(min = 5, max = 130, unit = "km/h") double speedKmh,
    @Within(min = -40, max = 60, unit = "°C") double ambientC,
    @Within(min = -400, max = 5000, unit = "m") double altitudeM,
    boolean airConditioning) {

  public OperatingPoint toCore() {
    return new OperatingPoint(
        gradePercent / 100, speedKmh / 3.6, ambientC, altitudeM, airConditioning);
  }
}
