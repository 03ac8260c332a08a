package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import roadbreeze.core.sizing.Limits;
import roadbreeze.server.problem.Within;

/** What the truck must stay under; its manual's figures where known. */
@Embeddable
public record LimitData(
    @Within(min = 80, max = 140, unit = "°C") double coolantC,
    @Within(min = 0, max = 30, unit = "K") double belowBoilingK,
    @Within(min = 80, max = 160, unit = "°C") double panC,
    @Within(min = 90, max = 200, unit = "°C") double feedC,
    @Within(min = 20, max = 90, unit = "°C") double overcooledPanC) {

  public Limits toCore() {
    return new Limits(coolantC, belowBoilingK, panC, feedC, overcooledPanC);
  }
}
