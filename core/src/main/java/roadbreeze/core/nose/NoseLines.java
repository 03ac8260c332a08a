package roadbreeze.core.nose;

import java.util.OptionalDouble;

/**
 * Measures that the rest of a nose hangs on, m; empty where nobody has measured yet.
 *
 * @param bonnet underside of the bonnet's front edge
 * @param bumperTop upper edge of the bumper
 * @param bumperAhead from the bumper's face back to the grille line
 * @param brace width of what divides the opening, 0 for nothing
 * @param latch how far the bonnet's latch hangs into the opening, 0 where it does not
 */
public record NoseLines(
    OptionalDouble bonnet,
    OptionalDouble bumperTop,
    OptionalDouble bumperAhead,
    OptionalDouble brace,
    OptionalDouble latch) {
  public static final NoseLines NONE =
      new NoseLines(
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          OptionalDouble.empty());

  /** How many of them are known. */
  public int known() {
    int known = 0;
    for (OptionalDouble line :
        new OptionalDouble[] {bonnet, bumperTop, bumperAhead, brace, latch}) {
      known += line.isPresent() ? 1 : 0;
    }
    return known;
  }
}
