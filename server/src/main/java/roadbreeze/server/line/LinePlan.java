package roadbreeze.server.line;

import jakarta.persistence.Embeddable;
import roadbreeze.core.line.Line;
import roadbreeze.server.problem.Within;

/**
 * Lines as found, and what the pump can push.
 *
 * @param foundLengthM of the lines to the in-tank cooler and back
 * @param pumpMaxKpa pressure at which the cooler circuit stops flowing
 * @param spareMm left on each hose end to be cut when offered up
 */
@Embeddable
public record LinePlan(
    @Within(min = 0.2, max = 15, unit = "m") double foundLengthM,
    @Within(min = 3, max = 30, unit = "mm") double foundBoreMm,
    @Within(min = 0, max = 30) double foundLoss,
    @Within(min = 50, max = 2000, unit = "kPa") double pumpMaxKpa,
    @Within(min = -40, max = 40, unit = "°C") double coldC,
    @Within(min = 0, max = 500, unit = "mm") double spareMm) {

  public Line found() {
    return new Line(foundLengthM, foundBoreMm / 1000, foundLoss);
  }
}
