package roadbreeze.core.nose;

import java.util.Optional;
import roadbreeze.core.explain.Name;
import roadbreeze.core.stack.Rectangle;

/**
 * Something that stands in the nose.
 *
 * @param takesAir no ram air reaches what stands right behind it
 * @param move empty where it must stay
 * @param plusMinus how well its place and size are known, m
 */
public record Solid(
    Name name,
    What what,
    Shape shape,
    Nature nature,
    boolean takesAir,
    Optional<Move> move,
    double plusMinus) {

  /** Things that are looked for on every truck. */
  public enum What {
    OPENING_EDGE,
    BRACE,
    LATCH,
    LATCH_CABLE,
    HORN,
    LAMP,
    SENSOR,
    GRILLE,
    BUMPER,
    WINCH,
    CROSSMEMBER,
    BONNET,
    CONDENSER_LINE,
    COOLANT_HOSE,
    INTAKE_DUCT,
    BOTTLE,
    BATTERY,
    LOOM,
    BELT,
    ENGINE,
    STEERING,
    SUSPENSION,
    EXHAUST,
    OTHER;

    /** As long as the opening, the bumper or the bonnet, and grows with them. */
    boolean stretches() {
      return switch (this) {
        case OPENING_EDGE, BRACE, GRILLE, BUMPER, CROSSMEMBER, BONNET -> true;
        default -> false;
      };
    }
  }

  /** What a core keeps from it even if its measure is out, m. */
  public double surelyFromCore() {
    return nature.fromCore() + plusMinus;
  }

  public boolean movable() {
    return move.isPresent();
  }

  public Solid withShape(Shape other, double known) {
    return new Solid(name, what, other, nature, takesAir, move, known);
  }

  /**
   * Its outline seen from the front where it is wide enough to matter to the air. Hoses and wires
   * are not: what little they stop is left out.
   */
  public Optional<Rectangle> outline() {
    Box box = shape.bounds();
    boolean slim =
        shape instanceof Tube
            || box.width() < Rectangle.SIZE.low()
            || box.height() < Rectangle.SIZE.low();
    return slim
        ? Optional.empty()
        : Optional.of(new Rectangle(box.x(), box.y(), box.width(), box.height()));
  }
}
