package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Uncertainty;

/**
 * How far the model may be off for this truck at each point, and in what all points are off
 * together: linear in the model's spreads, each a standard deviation, as the bands of verdicts are.
 * What was read at some points makes the others surer.
 */
final class Spread {
  /** Coolant and pan. */
  static final int FLUIDS = 2;

  /** What the straight line and the few amounts tried are off by, K. */
  private static final double CURVED = 2;

  /** Row 2·point + fluid, a column for each source: what a standard deviation of it moves, K. */
  private final RealMatrix moves;

  private Spread(RealMatrix moves) {
    this.moves = moves;
  }

  static Spread of(Setup setup, List<OperatingPoint> points, List<Uncertainty.Source> sources) {
    RealMatrix moves = MatrixUtils.createRealMatrix(FLUIDS * points.size(), sources.size());
    for (int s = 0; s < sources.size(); s++) {
      Uncertainty.Source source = sources.get(s);
      List<Seen> high = Seen.of(setup, source.at(1), points);
      List<Seen> low = Seen.of(setup, source.at(-1), points);
      for (int p = 0; p < points.size(); p++) {
        double apart = 2 * Margin.NINE_IN_TEN;
        moves.setEntry(FLUIDS * p, s, (high.get(p).coolant() - low.get(p).coolant()) / apart);
        moves.setEntry(FLUIDS * p + 1, s, (high.get(p).pan() - low.get(p).pan()) / apart);
      }
    }
    return new Spread(moves);
  }

  /**
   * What was read.
   *
   * @param row of the spread
   * @param sigma of the reading, K
   */
  record Read(int row, double value, double sigma) {}

  /** What readings leave of the spread. */
  Known reading(List<Read> read) {
    int n = read.size();
    if (n == 0) {
      RealMatrix whole = MatrixUtils.createRealIdentityMatrix(moves.getColumnDimension());
      return new Known(read, null, null, whole);
    }
    RealMatrix of = MatrixUtils.createRealMatrix(n, moves.getColumnDimension());
    for (int i = 0; i < n; i++) {
      of.setRow(i, moves.getRow(read.get(i).row()));
    }
    RealMatrix together = of.multiplyTransposed(of);
    for (int i = 0; i < n; i++) {
      together.addToEntry(i, i, read.get(i).sigma() * read.get(i).sigma());
    }
    RealMatrix inverse = new CholeskyDecomposition(together).getSolver().getInverse();
    RealMatrix gain = of.transpose().multiply(inverse);
    RealMatrix left =
        MatrixUtils.createRealIdentityMatrix(moves.getColumnDimension())
            .subtract(gain.multiply(of));
    return new Known(read, inverse, gain, left);
  }

  /** The spread once some readings are known. */
  final class Known {
    private final List<Read> read;
    private final RealMatrix inverse;
    private final RealMatrix gain;
    private final RealMatrix left;

    private Known(List<Read> read, RealMatrix inverse, RealMatrix gain, RealMatrix left) {
      this.read = read;
      this.inverse = inverse;
      this.gain = gain;
      this.left = left;
    }

    /**
     * How badly a suspicion fits what was read: chi-square, one of each reading.
     *
     * @param expected by row
     */
    double misfit(double[] expected) {
      if (read.isEmpty()) {
        return 0;
      }
      RealVector off = off(expected);
      return off.dotProduct(inverse.operate(off));
    }

    private RealVector off(double[] expected) {
      double[] off = new double[read.size()];
      for (int i = 0; i < off.length; i++) {
        off[i] = read.get(i).value() - expected[read.get(i).row()];
      }
      return new ArrayRealVector(off, false);
    }

    /** How far the readings pull each row from what a suspicion expects, K. */
    double[] pull(double[] expected) {
      return read.isEmpty()
          ? new double[moves.getRowDimension()]
          : moves.operate(gain.operate(off(expected))).toArray();
    }

    /** Standard deviation that is left of each row, K. */
    double[] sigma() {
      double[] sigma = new double[moves.getRowDimension()];
      for (int r = 0; r < sigma.length; r++) {
        RealVector row = moves.getRowVector(r);
        sigma[r] = Math.sqrt(Math.max(0, row.dotProduct(left.operate(row))));
      }
      return sigma;
    }
  }

  /** Rows of what was read at moments that stand after other points. */
  static List<Read> readings(List<Moment> moments, int before) {
    List<Read> read = new ArrayList<>();
    for (int m = 0; m < moments.size(); m++) {
      Moment moment = moments.get(m);
      int row = FLUIDS * (before + m);
      double sigma = Math.hypot(moment.error() / Margin.NINE_IN_TEN, CURVED);
      moment.coolant().ifPresent(t -> read.add(new Read(row, t, sigma)));
      moment.pan().ifPresent(t -> read.add(new Read(row + 1, t, sigma)));
    }
    return read;
  }
}
