package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.bracket.Fixing;
import roadbreeze.core.bracket.Form;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.nose.Tube;

/**
 * Brackets from a cooler's ears to the body.
 *
 * @param cooler where it stands
 * @param standOff from an ear's face to the strip, m
 * @param solids that a strip must not run through
 * @param cores that it must not come near, the cooler itself among them
 */
public record Hanging(
    Box cooler, Ears ears, double standOff, List<Solid> solids, List<Pack.Piece> cores) {

  /** A bracket from one ear to one hole of the body. */
  public record Tied(Corner corner, BodyHole hole, Form form) {
    /**
     * What it costs in strip and work: each bend and each hole that is shared is worth some strip.
     */
    double trouble() {
      double work =
          switch (form.kind()) {
            case FLAT -> 0;
            case JOGGLE, ANGLE -> 0.06;
            case TWISTED, Z, U -> 0.10;
            case WELDED_TAB -> 0.25;
          };
      return form.bracket().reach() + work + (hole.holds().isPresent() ? 0.10 : 0);
    }
  }

  /**
   * Strip that lies on the thing its hole is in touches it, and so may a washer's breadth beside,
   * m.
   */
  private static final double AT_ITS_HOLE = 0.030;

  /** Metal beside a core, on brackets that shake with it, m. */
  private static final double FROM_CORE = 0.003;

  /** What is nearer touches, m. */
  private static final double TOUCHES = 1e-9;

  /** No farther is looked for a hole, m. */
  public static final double REACH = 0.45;

  /**
   * Every form from an ear to a hole of the body, on the side of the ear that makes it simplest.
   */
  public List<Form> forms(Corner corner, BodyHole hole, StripStock stock) {
    List<Form> all = new ArrayList<>();
    for (Vector3D side : List.of(Vector3D.MINUS_K, Vector3D.PLUS_K)) {
      all.addAll(Form.between(fixing(corner, side), body(hole), stock, out(corner)));
    }
    all.sort(
        Comparator.comparing(Form::kind).thenComparingDouble(f -> f.bracket().flat().length()));
    return all;
  }

  /** What a folded strip runs into, but for what it is screwed to; no metal may touch a core. */
  public Optional<Name> blocked(Form form, BodyHole hole) {
    double half = form.bracket().stock().thickness() / 2;
    double edge = form.bracket().stock().width() / 2;
    List<Tube> strip =
        DoubleStream.of(0, edge, -edge)
            .mapToObj(across -> new Tube(form.bracket().line(form.start(), across), half))
            .toList();
    return blocked(strip, List.of(hole));
  }

  /** What metal runs into that is screwed to some holes. */
  Optional<Name> blocked(List<Tube> metal, List<BodyHole> at) {
    for (Tube line : metal) {
      for (Solid solid : solids) {
        if (Gap.nearer(line, solid.shape(), TOUCHES)
            && at.stream().noneMatch(hole -> holdsIt(solid, hole))) {
          return Optional.of(solid.name());
        }
      }
      for (Pack.Piece core : cores) {
        if (Gap.nearer(line, core.box(), FROM_CORE + TOUCHES)) {
          return Optional.of(core.name());
        }
      }
    }
    return Optional.empty();
  }

  private static boolean holdsIt(Solid solid, BodyHole hole) {
    Vector3D at = hole.at();
    return solid.shape().bounds().nearest(at).distance(at) < AT_ITS_HOLE;
  }

  /** The middle of an ear. */
  public Vector3D ear(Corner corner) {
    return ears.at(cooler, corner);
  }

  /** The simplest form that runs into nothing. */
  Optional<Tied> simplest(Corner corner, BodyHole hole, StripStock stock) {
    return forms(corner, hole, stock).stream()
        .filter(f -> blocked(f, hole).isEmpty())
        .findFirst()
        .map(form -> new Tied(corner, hole, form));
  }

  /** For each ear the nearest hole that the simplest bracket reaches; no hole is taken twice. */
  public List<Tied> proposed(List<BodyHole> holes, StripStock stock) {
    List<Tied> tied = new ArrayList<>();
    for (Corner corner : Corner.values()) {
      best(corner, holes, stock, tied).ifPresent(tied::add);
    }
    return tied;
  }

  private Optional<Tied> best(
      Corner corner, List<BodyHole> holes, StripStock stock, List<Tied> taken) {
    Vector3D ear = ear(corner);
    List<Tied> ways = new ArrayList<>();
    for (BodyHole hole : holes) {
      boolean free = taken.stream().noneMatch(t -> t.hole().name().equals(hole.name()));
      if (free && hole.at().distance(ear) <= REACH) {
        simplest(corner, hole, stock).ifPresent(ways::add);
      }
    }
    return ways.stream().min(Comparator.comparingDouble(Tied::trouble));
  }

  private Fixing fixing(Corner corner, Vector3D side) {
    Vector3D face = ear(corner).add(side.scalarMultiply(ears.thickness() / 2));
    return new Fixing(face, side, standOff, ears.hole());
  }

  private static Fixing body(BodyHole hole) {
    return new Fixing(hole.at(), hole.looks().vector(), 0, hole.thread().clearanceHole());
  }

  /** Away from the core, where a strip has no way of its own. */
  private static Vector3D out(Corner corner) {
    return new Vector3D(0, corner.up() == 1 ? 1 : -1, 0);
  }
}
