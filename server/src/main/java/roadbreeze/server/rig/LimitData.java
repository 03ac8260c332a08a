package roadbreeze.server.rig;

import roadbreeze.core.explain.Kind;
import roadbreeze.core.sizing.Limits;
import roadbreeze.server.problem.Within;

/** What the truck must stay under; its manual's figures where known. */
public record LimitData(
    @Within(min = 80, max = 140, kind = Kind.TEMPERATURE) double coolantC,
    @Within(min = 0, max = 30, kind = Kind.DIFFERENCE) double belowBoilingK,
    @Within(min = 80, max = 160, kind = Kind.TEMPERATURE) double panC,
    @Within(min = 90, max = 200, kind = Kind.TEMPERATURE) double feedC,
    @Within(min = 20, max = 90, kind = Kind.TEMPERATURE) double overcooledPanC) {

  public Limits toCore() {
    return new Limits(coolantC, belowBoilingK, panC, feedC, overcooledPanC);
  }
}
