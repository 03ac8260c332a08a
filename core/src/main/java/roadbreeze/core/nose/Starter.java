package roadbreeze.core.nose;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The nose of a usual truck of its kind, drawn after the few measures of another one. Own rule:
 * places move with the measure they lie nearest to; what is as long as the opening, bumper or
 * bonnet grows with it, everything else keeps its size.
 *
 * @param frame that the nose was laid out round
 */
public record Starter(NoseFrame frame, Nose nose) {
  /** The measures of the quick way: three of the opening, five of {@link NoseLines}. */
  public static final int MEASURES = 8;

  /** How well a thing is known that nobody has measured, m; own default. */
  static final double GUESSED = 0.040;

  /** What each of the eight measures takes off that, m; own default. */
  static final double EACH_MEASURE = 0.003;

  /** How well the things of a starter are known after so many of the eight measures, m. */
  public static double plusMinus(int measured) {
    return GUESSED - EACH_MEASURE * Math.min(MEASURES, Math.max(0, measured));
  }

  /**
   * The same nose round another truck's measures.
   *
   * @param to of the truck in hand; what is not known of it as in {@link #frame}
   * @param lines as far as they are known
   * @param measured how many of the eight measures were taken
   */
  public Nose drawn(NoseFrame to, NoseLines lines, int measured) {
    double known = plusMinus(measured);
    Warp warp = new Warp(frame, to);
    List<Solid> solids = new ArrayList<>();
    for (Solid solid : nose.solids()) {
      Shape shape = warp.shape(solid);
      if (solid.what() == Solid.What.BRACE && lines.brace().isPresent()) {
        shape = resized(shape, lines.brace().getAsDouble(), Axis.ACROSS, 0.5);
      }
      if (solid.what() == Solid.What.LATCH && lines.latch().isPresent()) {
        shape = resized(shape, lines.latch().getAsDouble(), Axis.UP, 1);
      }
      if (shape != null) {
        solids.add(solid.withShape(shape, known));
      }
    }
    List<BodyHole> holes = nose.holes().stream().map(h -> h.at(warp.point(h.at()), known)).toList();
    List<LinePort> ports = nose.ports().stream().map(p -> p.at(warp.point(p.at()), known)).toList();
    return new Nose(lines, solids, holes, ports);
  }

  /**
   * With another size along an axis; none where that is nothing.
   *
   * @param kept the share of its size that stays where it is: 0 the lower end, 1 the upper
   */
  private static Shape resized(Shape shape, double size, Axis axis, double kept) {
    if (size < Box.SIZE.low()) {
      return null;
    }
    Box old = shape.bounds();
    double shift = kept * (old.size(axis) - size);
    Vector3D low = new Vector3D(old.x(), old.y(), old.z()).add(axis.along().scalarMultiply(shift));
    return new Box(
        low.getX(),
        low.getY(),
        low.getZ(),
        axis == Axis.ACROSS ? size : old.width(),
        axis == Axis.UP ? size : old.height(),
        axis == Axis.BACK ? size : old.depth());
  }

  /**
   * From one truck's measures to another's, straight between them and by the same step past them.
   */
  private static final class Warp {
    private final Line across;
    private final Line up;
    private final Line back;

    Warp(NoseFrame from, NoseFrame to) {
      across =
          new Line(
              new double[] {from.opening().x(), from.opening().right()},
              new double[] {to.opening().x(), to.opening().right()});
      up =
          new Line(
              new double[] {
                from.bumperTop(), from.opening().y(), from.opening().top(), from.bonnet()
              },
              new double[] {to.bumperTop(), to.opening().y(), to.opening().top(), to.bonnet()});
      back =
          new Line(
              new double[] {-from.bumperAhead(), 0, from.packFront(), from.packBack()},
              new double[] {-to.bumperAhead(), 0, to.packFront(), to.packBack()});
    }

    Vector3D point(Vector3D p) {
      return new Vector3D(across.at(p.getX()), up.at(p.getY()), back.at(p.getZ()));
    }

    Shape shape(Solid solid) {
      if (solid.shape() instanceof Tube tube) {
        return new Tube(tube.points().stream().map(this::point).toList(), tube.radius());
      }
      Box old = solid.shape().bounds();
      Box box = solid.what().stretches() ? stretched(old) : carried(old);
      return solid.shape() instanceof Round round ? new Round(box, round.axis()) : box;
    }

    private Box stretched(Box old) {
      Vector3D low = point(new Vector3D(old.x(), old.y(), old.z()));
      Vector3D high = point(new Vector3D(old.right(), old.top(), old.back()));
      return Box.between(low, high);
    }

    private Box carried(Box old) {
      Vector3D by = point(old.middle()).subtract(old.middle());
      return new Box(
          old.x() + by.getX(),
          old.y() + by.getY(),
          old.z() + by.getZ(),
          old.width(),
          old.height(),
          old.depth());
    }
  }

  /** One measure after another along an axis. */
  private static final class Line {
    private final double[] from;
    private final double[] to;
    private final PolynomialSplineFunction between;

    Line(double[] from, double[] to) {
      List<Double> kept = new ArrayList<>();
      List<Double> on = new ArrayList<>();
      for (int i = 0; i < from.length; i++) {
        // Measures that lie on each other, or the wrong way round, say nothing of what is between.
        if (i == 0
            || (from[i] > kept.get(kept.size() - 1) + 1e-6 && to[i] > on.get(on.size() - 1))) {
          kept.add(from[i]);
          on.add(to[i]);
        }
      }
      this.from = kept.stream().mapToDouble(x -> x).toArray();
      this.to = on.stream().mapToDouble(x -> x).toArray();
      between =
          this.from.length < 2 ? null : new LinearInterpolator().interpolate(this.from, this.to);
    }

    double at(double x) {
      int last = from.length - 1;
      if (x <= from[0] || between == null) {
        return x + to[0] - from[0];
      }
      return x >= from[last] ? x + to[last] - from[last] : between.value(x);
    }
  }
}
