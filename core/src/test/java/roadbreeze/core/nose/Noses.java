package roadbreeze.core.nose;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Name;
import roadbreeze.core.stack.Rectangle;

/** Things in the nose of the worked truck, for tests. */
public final class Noses {
  private Noses() {}

  /** Metal through the whole depth of the opening, known exactly. */
  public static Solid metal(String name, Rectangle o, boolean takesAir, boolean movable) {
    return new Solid(
        Name.given(name, Name.Noun.OBSTACLE, name),
        Solid.What.OTHER,
        new Box(o.x(), o.y(), 0, o.width(), o.height(), 0.12),
        Nature.METAL,
        takesAir,
        movable ? Optional.of(new Move(900, Move.Needs.NOTHING)) : Optional.empty(),
        0);
  }

  public static Nose of(Solid... solids) {
    return new Nose(NoseLines.NONE, List.of(solids), List.of(), List.of());
  }
}
