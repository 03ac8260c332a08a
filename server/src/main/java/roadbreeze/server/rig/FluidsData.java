package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * How much of what is in the truck, and how its levels are read.
 *
 * @param coolantL in all, null where nobody has looked it up
 * @param oilL in gearbox, converter and lines, null where nobody has looked it up
 * @param level the way this gearbox asks for
 * @param levelFromC coldest pan at which its level counts
 * @param levelToC hottest one
 * @param capAt where the one pressure cap of the loop sits
 */
public record FluidsData(
    @Nullable @Within(min = 2, max = 80, kind = Kind.VOLUME) Double coolantL,
    @Nullable @Within(min = 2, max = 60, kind = Kind.VOLUME) Double oilL,
    @NotNull Level level,
    @Within(min = 10, max = 120, kind = Kind.TEMPERATURE) double levelFromC,
    @Within(min = 15, max = 130, kind = Kind.TEMPERATURE) double levelToC,
    @NotNull CapPlace capAt) {

  /** Ways of reading a gearbox's level. */
  public enum Level {
    DIPSTICK,
    OVERFLOW
  }

  /** Where a loop is closed. */
  public enum CapPlace {
    RADIATOR_NECK,
    HEADER_TANK
  }
}
