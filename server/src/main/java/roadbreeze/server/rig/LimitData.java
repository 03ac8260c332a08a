package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.sizing.Limits;
import roadbreeze.server.problem.Within;

/**
 * What the truck must stay under; its manual's figures where known.
 *
 * @param warningC where a lamp or buzzer warns of the coolant; null where none is known
 */
public record LimitData(
    @Within(min = 80, max = 140, kind = Kind.TEMPERATURE) double coolantC,
    @Within(min = 0, max = 30, kind = Kind.DIFFERENCE) double belowBoilingK,
    @Within(min = 80, max = 160, kind = Kind.TEMPERATURE) double panC,
    @Within(min = 90, max = 200, kind = Kind.TEMPERATURE) double feedC,
    @Within(min = 20, max = 90, kind = Kind.TEMPERATURE) double overcooledPanC,
    @Nullable @Within(min = 80, max = 140, kind = Kind.TEMPERATURE) Double warningC) {

  public OptionalDouble warning() {
    return warningC == null ? OptionalDouble.empty() : OptionalDouble.of(warningC);
  }

  public Limits toCore() {
    return new Limits(coolantC, belowBoilingK, panC, feedC, overcooledPanC);
  }
}
