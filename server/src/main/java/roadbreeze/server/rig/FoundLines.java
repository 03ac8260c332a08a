package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.line.ReturnTest;
import roadbreeze.server.problem.Within;

/**
 * Oil lines as found, and what the pump can push.
 *
 * @param lengthM to the in-tank cooler and back
 * @param loss of their fittings, velocity heads
 * @param pumpMaxKpa pressure at which the cooler circuit stops flowing
 * @param coldC oil of a cold morning
 * @param inletC read at the port that is taken for the tank's inlet, null where nobody has
 * @param outletC read at the port that is taken for its outlet
 * @param tankC read on the tank between the two
 */
public record FoundLines(
    @Within(min = 0.2, max = 15, kind = Kind.LENGTH) double lengthM,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    @Within(min = 0, max = 30) double loss,
    @Within(min = 50, max = 2000, kind = Kind.PRESSURE) double pumpMaxKpa,
    @Within(min = -40, max = 40, kind = Kind.TEMPERATURE) double coldC,
    @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) Double inletC,
    @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) Double outletC,
    @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) Double tankC) {

  /** What the readings at the tank tell of its two lines; null until all three are taken. */
  @Nullable
  public Finding returnTest() {
    return inletC == null || outletC == null || tankC == null
        ? null
        : ReturnTest.of(inletC, outletC, tankC);
  }
}
