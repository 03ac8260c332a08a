package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.sizing.Limits;
import roadbreeze.server.problem.Within;

/**
 * What the truck must stay under; its manual's figures where known.
 *
 * @param exhaustC of the exhaust gas; null where nobody set one, as the next two
 * @param boostKpa over the air outside
 * @param lowVolts under which the battery is not charged any more
 * @param warningC where a lamp or buzzer warns of the coolant; null where none is known
 */
public record LimitData(
    @Within(min = 80, max = 140, kind = Kind.TEMPERATURE) double coolantC,
    @Within(min = 0, max = 30, kind = Kind.DIFFERENCE) double belowBoilingK,
    @Within(min = 80, max = 160, kind = Kind.TEMPERATURE) double panC,
    @Within(min = 90, max = 200, kind = Kind.TEMPERATURE) double feedC,
    @Within(min = 20, max = 90, kind = Kind.TEMPERATURE) double overcooledPanC,
    @Nullable @Within(min = 80, max = 140, kind = Kind.TEMPERATURE) Double warningC,
    @Nullable @Within(min = 300, max = 1100, kind = Kind.TEMPERATURE) Double exhaustC,
    @Nullable @Within(min = 5, max = 500, kind = Kind.PRESSURE) Double boostKpa,
    @Nullable @Within(min = 5, max = 30, kind = Kind.VOLTAGE) Double lowVolts) {

  public OptionalDouble warning() {
    return warningC == null ? OptionalDouble.empty() : OptionalDouble.of(warningC);
  }

  public Limits toCore() {
    return new Limits(coolantC, belowBoilingK, panC, feedC, overcooledPanC);
  }
}
