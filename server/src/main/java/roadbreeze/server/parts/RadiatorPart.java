package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * A radiator that may replace the truck's own. Its rows follow from its depth, one per 20 mm.
 *
 * @param tubes inside of them, null takes what is usual for its metal
 * @param inTankWattsPerKelvin conductance of the oil cooler in its tank, null without one
 * @param price in the yard's money
 */
public record RadiatorPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 200, max = 1500, kind = Kind.SIZE) double widthMm,
    @Within(min = 150, max = 1200, kind = Kind.SIZE) double heightMm,
    @Within(min = 12, max = 150, kind = Kind.SIZE) double depthMm,
    @Within(min = 5, max = 30, kind = Kind.FINS) double finsPerInch,
    @NotNull FinMetal metal,
    @Nullable RadiatorTubes.Surface tubes,
    @NotNull Tanks tanks,
    @Within(min = 20, max = 1000, kind = Kind.CONDUCTANCE) Double inTankWattsPerKelvin,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What its end tanks are made of. */
  public enum Tanks {
    PLASTIC,
    METAL
  }
}
