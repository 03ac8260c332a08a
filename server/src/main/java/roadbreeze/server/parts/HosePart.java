package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * Hose from the roll.
 *
 * @param minRadiusMm of its middle line before it kinks, null where its sheet says nothing
 * @param ratedKpa working pressure, null where its sheet says nothing
 * @param ratedC the hottest that it may carry, null where its sheet says nothing
 * @param rollM that it is sold in, null where it is cut to length
 * @param price of a metre, in the yard's money
 */
public record HosePart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Carries carries,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    @Within(min = 4, max = 60, kind = Kind.SIZE) double outsideMm,
    @Within(min = 10, max = 600, kind = Kind.SIZE) Double minRadiusMm,
    @Within(min = 50, max = 40000, kind = Kind.PRESSURE) Double ratedKpa,
    @Within(min = 60, max = 250, kind = Kind.TEMPERATURE) Double ratedC,
    @Within(min = 0.5, max = 200, kind = Kind.LENGTH) Double rollM,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What it is made for. */
  public enum Carries {
    GEARBOX_OIL,
    COOLANT
  }
}
