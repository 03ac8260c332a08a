package roadbreeze.core.photo;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import roadbreeze.core.problem.Problem;

/**
 * Where a photograph was taken from, in the frame of the card: right, up, and out of it towards the
 * camera; square pixels, its axis through the middle of the photograph.
 *
 * @param middle of the photograph, px
 * @param focal length, px
 * @param at the camera, m
 * @param right the photograph's right in the card's frame
 * @param down its down
 * @param ahead the way the camera looks
 */
record Camera(
    Vector2D middle, double focal, Vector3D at, Vector3D right, Vector3D down, Vector3D ahead) {
  /** Focal length of a usual telephone over the longer side of its photograph. */
  static final double USUAL_FOCAL = 0.78;

  /** How far that may be out, one standard deviation of its logarithm. */
  static final double FOCAL_SPREAD = 0.15;

  /** How well the card's squareness is known from clicked marks (-). */
  private static final double SQUARE = 0.015;

  /** Farther from the usual no camera of a workshop is. */
  private static final double WIDEST = 0.45;

  private static final double LONGEST = 2.5;

  /**
   * @param card carries the card's plane onto the photograph
   * @param focalFactor on the focal length found, to see what an error of it does
   */
  static Camera of(Homography card, double width, double height, double focalFactor) {
    Vector2D middle = new Vector2D(width / 2, height / 2);
    double[][] columns = columns(card, middle);
    double usual = USUAL_FOCAL * Math.max(width, height);
    double focal =
        focalFactor
            * Math.exp(
                new BrentOptimizer(1e-9, 1e-12)
                    .optimize(
                        new MaxEval(200),
                        GoalType.MINIMIZE,
                        new UnivariateObjectiveFunction(l -> misfit(columns, Math.exp(l), usual)),
                        new SearchInterval(
                            Math.log(WIDEST * usual), Math.log(LONGEST * usual), Math.log(usual)))
                    .getPoint());
    Vector3D one = ray(columns[0], focal);
    Vector3D two = ray(columns[1], focal);
    Vector3D to = ray(columns[2], focal);
    double scale = 2 / (one.getNorm() + two.getNorm());
    if (to.getZ() < 0) {
      scale = -scale; // the card lies before the camera
    }
    // The card's right and up as the camera sees them, made square to each other.
    Vector3D x = one.scalarMultiply(scale).normalize();
    Vector3D y = two.scalarMultiply(scale);
    y = y.subtract(x.scalarMultiply(x.dotProduct(y))).normalize();
    Vector3D z = x.crossProduct(y);
    Vector3D t = to.scalarMultiply(scale);
    return new Camera(
        middle,
        focal,
        new Vector3D(-x.dotProduct(t), -y.dotProduct(t), -z.dotProduct(t)),
        new Vector3D(x.getX(), y.getX(), z.getX()),
        new Vector3D(x.getY(), y.getY(), z.getY()),
        new Vector3D(x.getZ(), y.getZ(), z.getZ()));
  }

  private static double[][] columns(Homography card, Vector2D middle) {
    double[][] columns = new double[3][];
    for (int c = 0; c < 3; c++) {
      double last = card.matrix().getEntry(2, c);
      columns[c] =
          new double[] {
            card.matrix().getEntry(0, c) - middle.getX() * last,
            card.matrix().getEntry(1, c) - middle.getY() * last,
            last
          };
    }
    return columns;
  }

  private static Vector3D ray(double[] column, double focal) {
    return new Vector3D(column[0] / focal, column[1] / focal, column[2]);
  }

  /** The card's sides are square and as long as each other says, and the lens is a usual one. */
  private static double misfit(double[][] columns, double focal, double usual) {
    Vector3D one = ray(columns[0], focal);
    Vector3D two = ray(columns[1], focal);
    double square = one.dotProduct(two) / (one.getNorm() * two.getNorm()) / SQUARE;
    double even = Math.log(one.getNorm() / two.getNorm()) / SQUARE;
    double lens = Math.log(focal / usual) / FOCAL_SPREAD;
    return square * square + even * even + lens * lens;
  }

  /**
   * The place seen at a place of the photograph, so far out of the card's plane, m.
   *
   * @throws roadbreeze.core.problem.BadInputException if that line of sight never meets it
   */
  Vector2D seen(Vector2D px, double out) {
    Vector3D way =
        right
            .scalarMultiply((px.getX() - middle.getX()) / focal)
            .add(down.scalarMultiply((px.getY() - middle.getY()) / focal))
            .add(ahead);
    double far = (out - at.getZ()) / way.getZ();
    if (!(far > 0)) {
      throw Problem.OUT_OF_SIGHT.refuse();
    }
    Vector3D there = at.add(way.scalarMultiply(far));
    return new Vector2D(there.getX(), there.getY());
  }

  /** Between the camera's axis and the way square to the card, rad. */
  double slant() {
    return Math.acos(Math.min(1, Math.abs(ahead.getZ())));
  }
}
