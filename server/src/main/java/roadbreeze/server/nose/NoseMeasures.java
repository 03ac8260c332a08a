package roadbreeze.server.nose;

import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * Measures of the quick way, beside those of the opening; null where nobody has measured yet.
 *
 * @param bonnetMm underside of the bonnet's front edge
 * @param bumperTopMm upper edge of the bumper
 * @param bumperAheadMm from the bumper's face back to the grille line
 * @param braceMm width of what divides the opening, 0 for nothing
 * @param latchMm how far the bonnet's latch hangs into the opening, 0 where it does not
 */
public record NoseMeasures(
    @Within(min = 100, max = 2500, kind = Kind.SIZE) Double bonnetMm,
    @Within(min = -1500, max = 1500, kind = Kind.SIZE) Double bumperTopMm,
    @Within(min = -500, max = 1500, kind = Kind.SIZE) Double bumperAheadMm,
    @Within(min = 0, max = 400, kind = Kind.SIZE) Double braceMm,
    @Within(min = 0, max = 400, kind = Kind.SIZE) Double latchMm) {
  public static final NoseMeasures NONE = new NoseMeasures(null, null, null, null, null);
}
