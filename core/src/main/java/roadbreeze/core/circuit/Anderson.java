package roadbreeze.core.circuit;

/**
 * Anderson acceleration of a fixed-point iteration {@code x ← x + f(x)}: the next step leaves out
 * what the last few steps have shown to come back.
 *
 * @see "Anderson (1965), J. ACM 12, 547–560; Walker and Ni (2011), SIAM J. Numer. Anal. 49"
 */
final class Anderson {
  private static final int MEMORY = 3;

  /** Keeps the small least squares solvable where steps are nearly alike, relative. */
  private static final double RIDGE = 1e-10;

  private final int size;
  private final double[][] stepOfX = new double[MEMORY][];
  private final double[][] stepOfF = new double[MEMORY][];
  private double[] lastX;
  private double[] lastF;
  private int known;

  Anderson(int size) {
    this.size = size;
  }

  /**
   * @param x where the iteration stands
   * @param f its plain step from there
   * @return where to go
   */
  double[] next(double[] x, double[] f) {
    if (lastX != null) {
      int at = known % MEMORY;
      stepOfX[at] = new double[size];
      stepOfF[at] = new double[size];
      for (int k = 0; k < size; k++) {
        stepOfX[at][k] = x[k] - lastX[k];
        stepOfF[at][k] = f[k] - lastF[k];
      }
      known++;
    }
    lastX = x.clone();
    lastF = f.clone();
    double[] next = new double[size];
    for (int k = 0; k < size; k++) {
      next[k] = x[k] + f[k];
    }
    int m = Math.min(known, MEMORY);
    double[] share = shares(f, m);
    for (int i = 0; i < m; i++) {
      for (int k = 0; k < size; k++) {
        next[k] -= share[i] * (stepOfX[i][k] + stepOfF[i][k]);
      }
    }
    return next;
  }

  /** Least squares {@code |f − Σ γ_i·Δf_i|} by its normal equations, at most 3 × 3. */
  private double[] shares(double[] f, int m) {
    double[][] a = new double[m][m + 1];
    for (int i = 0; i < m; i++) {
      for (int j = 0; j <= i; j++) {
        a[i][j] = dot(stepOfF[i], stepOfF[j]);
        a[j][i] = a[i][j];
      }
      a[i][m] = dot(stepOfF[i], f);
    }
    for (int i = 0; i < m; i++) {
      a[i][i] *= 1 + RIDGE;
    }
    double[] share = new double[m];
    for (int i = 0; i < m; i++) {
      for (int row = i + 1; row < m; row++) {
        double by = a[i][i] > 0 ? a[row][i] / a[i][i] : 0;
        for (int column = i; column <= m; column++) {
          a[row][column] -= by * a[i][column];
        }
      }
    }
    for (int i = m - 1; i >= 0; i--) {
      double sum = a[i][m];
      for (int j = i + 1; j < m; j++) {
        sum -= a[i][j] * share[j];
      }
      share[i] = a[i][i] > 0 ? sum / a[i][i] : 0;
    }
    return share;
  }

  private double dot(double[] a, double[] b) {
    double sum = 0;
    for (int k = 0; k < size; k++) {
      sum += a[k] * b[k];
    }
    return sum;
  }
}
