package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/**
 * An oil cooler as it is: carried whole by a build, so that a job shows the same numbers wherever
 * it is opened.
 *
 * @param bypassOpensC oil temperature above which all oil goes through the core, null without
 *     bypass
 * @param price in the yard's money
 */
@Embeddable
public record CoolerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull @Enumerated(EnumType.STRING) Family family,
    @Within(min = 80, max = 900, unit = "mm") double widthMm,
    @Within(min = 60, max = 700, unit = "mm") double heightMm,
    @Within(min = 12, max = 80, unit = "mm") double depthMm,
    @Within(min = 5, max = 30, unit = "fins/in") double finsPerInch,
    @Within(min = 8.5, max = 20, unit = "mm") double tubePitchMm,
    @Within(min = 1, max = 12) int passes,
    @Within(min = 5, max = 25, unit = "mm") double portBoreMm,
    @NotBlank @Size(max = 40) String ports,
    @Within(min = 30, max = 100, unit = "°C") Double bypassOpensC,
    @Within(min = 0, max = 100000) double price) {

  /** How it is built. */
  public enum Family {
    TUBE_AND_FIN,
    PLATE_FIN,
    STACKED_PLATE
  }
}
