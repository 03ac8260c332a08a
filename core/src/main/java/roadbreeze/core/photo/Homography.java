package roadbreeze.core.photo;

import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * What carries one plane onto another as a camera does.
 *
 * @param matrix 3 × 3, row by row
 */
record Homography(RealMatrix matrix) {
  /**
   * Through four places and their pictures, no three of them in a line (Hartley and Zisserman 2004,
   * eq. 4.3 with the last element 1).
   *
   * @throws org.hipparchus.exception.MathIllegalArgumentException if three lie in a line
   */
  static Homography of(List<Vector2D> from, List<Vector2D> to) {
    double[][] rows = new double[8][];
    double[] right = new double[8];
    for (int i = 0; i < 4; i++) {
      double x = from.get(i).getX();
      double y = from.get(i).getY();
      double u = to.get(i).getX();
      double v = to.get(i).getY();
      rows[2 * i] = new double[] {x, y, 1, 0, 0, 0, -u * x, -u * y};
      rows[2 * i + 1] = new double[] {0, 0, 0, x, y, 1, -v * x, -v * y};
      right[2 * i] = u;
      right[2 * i + 1] = v;
    }
    RealVector h =
        new LUDecomposition(new Array2DRowRealMatrix(rows))
            .getSolver()
            .solve(new ArrayRealVector(right));
    double[][] m = new double[3][3];
    for (int i = 0; i < 8; i++) {
      m[i / 3][i % 3] = h.getEntry(i);
    }
    m[2][2] = 1;
    return new Homography(new Array2DRowRealMatrix(m));
  }
}
