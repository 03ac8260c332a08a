package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.server.problem.Within;

/**
 * A radiator that may replace the truck's own. Its rows follow from its depth, one per 20 mm.
 *
 * @param inTankWattsPerKelvin conductance of the oil cooler in its tank, null without one
 * @param price in the yard's money
 */
@Embeddable
public record RadiatorPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 200, max = 1500, unit = "mm") double widthMm,
    @Within(min = 150, max = 1200, unit = "mm") double heightMm,
    @Within(min = 12, max = 150, unit = "mm") double depthMm,
    @Within(min = 5, max = 30, unit = "fins/in") double finsPerInch,
    @NotNull @Enumerated(EnumType.STRING) FinMetal metal,
    @NotNull @Enumerated(EnumType.STRING) Tanks tanks,
    @Within(min = 20, max = 1000, unit = "W/K") Double inTankWattsPerKelvin,
    @Within(min = 0, max = 100000) double price) {

  /** What its end tanks are made of. */
  public enum Tanks {
    PLASTIC,
    METAL
  }
}
