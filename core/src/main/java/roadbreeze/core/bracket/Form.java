package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A way to bend a strip from a core's hole to one of the body.
 *
 * @param start how its first end is held
 * @param tab length of a tab to be welded across its last end, 0 where it needs none
 */
public record Form(Kind kind, Bracket bracket, Frame start, double tab) {
  /** What fabricators call it, simplest first. */
  public enum Kind {
    FLAT,
    JOGGLE,
    ANGLE,
    TWISTED,
    Z,
    U,
    WELDED_TAB
  }

  /** An offset smaller than this is none: a washer takes it, m. */
  private static final double NO_OFFSET = 0.3e-3;

  /** Directions that differ by less are alike (-). */
  private static final double ALIKE = 1e-6;

  private static final double QUARTER = Math.PI / 2;
  private static final double[] JOGGLES = {
    Math.toRadians(30), Math.toRadians(45), Math.toRadians(60)
  };

  private static final double MIDDLE = 0.5;

  /** A square step stands midway, or hard by one of the holes where the middle is in the way. */
  private static final double[] STEPS = {MIDDLE, 1, 0};

  /**
   * Every form that brings a strip from one hole to the other, simplest first; none where the holes
   * stand askew to each other.
   *
   * @param out where a strip goes that has no way of its own, off the faces' normals
   */
  public static List<Form> between(Fixing core, Fixing body, StripStock stock, Vector3D out) {
    double face = core.looks().dotProduct(body.looks());
    if (Math.abs(Math.abs(face) - 1) < ALIKE) {
      return parallel(core, body, stock, out);
    }
    return Math.abs(face) < ALIKE ? square(core, body, stock) : List.of();
  }

  /** Both faces look the same way or at each other: what parts them is an offset. */
  private static List<Form> parallel(Fixing core, Fixing body, StripStock stock, Vector3D out) {
    Vector3D a = core.middle(stock);
    Vector3D to = body.middle(stock).subtract(a);
    double offset = to.dotProduct(core.looks());
    Vector3D flat = to.subtract(core.looks().scalarMultiply(offset));
    boolean over = flat.getNorm() <= NO_OFFSET;
    Vector3D way = over ? inPlane(out, core.looks()) : flat.normalize();
    double run = flat.dotProduct(way);
    double aside = flat.dotProduct(core.looks().crossProduct(way));
    Maker maker = new Maker(core, body, stock, a, way);
    List<Form> forms = new ArrayList<>();
    if (Math.abs(offset) < NO_OFFSET) {
      forms.add(maker.of(Kind.FLAT, List.of(new Step.Leg(maker.before + run + maker.after)), run));
      return forms;
    }
    for (double angle : JOGGLES) {
      maker.joggle(Kind.JOGGLE, offset, run, angle, MIDDLE).ifPresent(forms::add);
      if (!forms.isEmpty()) {
        break;
      }
    }
    for (double step : STEPS) {
      maker.joggle(Kind.Z, offset, run, QUARTER, step).ifPresent(forms::add);
    }
    maker.hairpin(offset, run, aside).ifPresent(forms::add);
    return forms;
  }

  private static Vector3D inPlane(Vector3D way, Vector3D normal) {
    Vector3D in = way.subtract(normal.scalarMultiply(way.dotProduct(normal)));
    return in.getNorm() > ALIKE ? in.normalize() : normal.orthogonal();
  }

  /** The faces stand square to each other: one bend, or a twist. */
  private static List<Form> square(Fixing core, Fixing body, StripStock stock) {
    Vector3D a = core.middle(stock);
    Vector3D to = body.middle(stock).subtract(a);
    Vector3D fold = core.looks().crossProduct(body.looks());
    double away = to.dotProduct(body.looks());
    double off = to.dotProduct(core.looks());
    double aside = to.dotProduct(fold);
    List<Form> forms = new ArrayList<>();
    double room = stock.width() / 2 - new Hole(0, 0, 0, body.hole(), 0).toEdge();
    double side = Math.signum(away) == 0 ? 1 : Math.signum(away);
    Maker maker = new Maker(core, body, stock, a, body.looks().scalarMultiply(side));
    maker.angle(away, off, aside * side, room).ifPresent(forms::add);
    double turn = Math.signum(aside) == 0 ? 1 : Math.signum(aside);
    if (Math.abs(away) <= room && Math.abs(off) <= room) {
      new Maker(core, body, stock, a, fold.scalarMultiply(turn))
          .twisted(Math.abs(aside), turn * away, off)
          .ifPresent(forms::add);
    }
    return forms;
  }

  /** Makes strips that begin at the core's hole. */
  private static final class Maker {
    private final Fixing core;
    private final Fixing body;
    private final StripStock stock;
    private final Vector3D at;
    private final Vector3D way;

    /** Strip past the holes at both ends. */
    private final double before;

    private final double after;

    /** Least from a hole's middle to the next bend. */
    private final double first;

    private final double last;

    Maker(Fixing core, Fixing body, StripStock stock, Vector3D at, Vector3D way) {
      this.core = core;
      this.body = body;
      this.stock = stock;
      this.at = at;
      this.way = way;
      before = new Hole(0, 0, 0, core.hole(), 0).toEdge();
      after = new Hole(0, 0, 0, body.hole(), 0).toEdge();
      first = Math.max(stock.holeToBend() + core.hole() / 2, stock.leastFlange() - before);
      last = Math.max(stock.holeToBend() + body.hole() / 2, stock.leastFlange() - after);
    }

    /**
     * @param end from the last leg's start to the body's hole
     */
    Form of(Kind kind, List<Step> steps, double end) {
      return of(kind, steps, 0, steps.size() == 1 ? before + end : end, 0, 0);
    }

    Form of(
        Kind kind, List<Step> steps, double acrossFirst, double end, double across, double tab) {
      Frame start =
          new Frame(
              at.subtract(way.scalarMultiply(before))
                  .subtract(core.looks().crossProduct(way).scalarMultiply(acrossFirst)),
              way,
              core.looks());
      List<Hole> holes =
          List.of(
              new Hole(0, before, acrossFirst, core.hole(), 0),
              new Hole((steps.size() - 1) / 2, end, across, body.hole(), 0));
      return new Form(kind, new Bracket(stock, steps, holes), start, tab);
    }

    /**
     * Two bends, one against the other.
     *
     * @param step where between the holes they are: 0 at the core's, 1 at the body's
     */
    Optional<Form> joggle(Kind kind, double offset, double run, double angle, double step) {
      double radius = 2 * stock.middleRadius();
      double straight = (Math.abs(offset) - radius * (1 - Math.cos(angle))) / Math.sin(angle);
      double legs = run - straight * Math.cos(angle) - radius * Math.sin(angle);
      double spare = legs - first - last;
      if (straight < 0 || spare < 0) {
        return Optional.empty();
      }
      double up = Math.signum(offset) * angle;
      double one = first + spare * step;
      double two = last + spare * (1 - step);
      return Optional.of(
          of(
              kind,
              List.of(
                  new Step.Leg(before + one),
                  new Step.Bend(up),
                  new Step.Leg(straight),
                  new Step.Bend(-up),
                  new Step.Leg(two + after)),
              two));
    }

    /** Out, over and back: for holes that lie over each other. */
    Optional<Form> hairpin(double offset, double run, double aside) {
      double web = Math.abs(offset) - 2 * stock.middleRadius();
      if (web < 0) {
        return Optional.empty();
      }
      double up = Math.signum(offset) * QUARTER;
      double back = Math.max(last, first - run);
      return Optional.of(
          of(
              Kind.U,
              List.of(
                  new Step.Leg(before + run + back),
                  new Step.Bend(up),
                  new Step.Leg(web),
                  new Step.Bend(up),
                  new Step.Leg(back + after)),
              0,
              back,
              aside,
              0));
    }

    /** One square bend; what lies aside of it is taken by the hole's place, or by a tab. */
    Optional<Form> angle(double away, double off, double aside, double room) {
      double one = Math.abs(away) - stock.middleRadius();
      double two = Math.abs(off) - stock.middleRadius();
      if (one < first || two < last) {
        return Optional.empty();
      }
      List<Step> steps =
          List.of(
              new Step.Leg(before + one),
              new Step.Bend(Math.signum(off) * QUARTER),
              new Step.Leg(two + after));
      boolean beside = Math.abs(aside) > room;
      return Optional.of(
          beside
              ? of(Kind.WELDED_TAB, steps, 0, two, 0, Math.abs(aside) + stock.width() / 2 + after)
              : of(Kind.ANGLE, steps, 0, two, aside, 0));
    }

    /** A quarter turn about its own line. */
    Optional<Form> twisted(double along, double acrossFirst, double acrossLast) {
      double turn = 4 * stock.width();
      double spare = along - turn - first - last;
      if (spare < 0) {
        return Optional.empty();
      }
      double one = first + spare / 2;
      double two = last + spare / 2;
      return Optional.of(
          of(
              Kind.TWISTED,
              List.of(
                  new Step.Leg(before + one),
                  new Step.Twist(QUARTER, turn),
                  new Step.Leg(two + after)),
              acrossFirst,
              two,
              acrossLast,
              0));
    }
  }
}
