package roadbreeze.core.circuit;

import java.util.function.DoubleUnaryOperator;

/** Where the root of a falling residual was last found, and how steeply it fell there. */
final class Guess {
  private static final int MAX_SECANTS = 8;

  private double at;
  private double slope = Double.NaN;

  Guess(double at) {
    this.at = at;
  }

  void take(Guess other) {
    at = other.at;
    slope = other.slope;
  }

  void moveTo(double root) {
    at = root;
  }

  /**
   * A root near the guess, which becomes the next guess, or NaN. Only a residual within the
   * tolerance counts, so a wrong turn costs time and never truth. The residual was last asked at
   * the root when one is found.
   *
   * @param step first step where no slope is known yet
   * @param low left at once below it, as above {@code high}
   */
  double refined(
      DoubleUnaryOperator residual, double step, double tolerance, double low, double high) {
    double x0 = at;
    double f0 = residual.applyAsDouble(x0);
    if (Math.abs(f0) <= tolerance) {
      return x0;
    }
    // Residuals fall: one left over means further up. A slope known from before saves a first try.
    double x1 = slope < 0 ? x0 - f0 / slope : x0 + Math.copySign(step, f0);
    for (int i = 0; i < MAX_SECANTS && x1 > low && x1 < high; i++) {
      double f1 = residual.applyAsDouble(x1);
      double fall = (f1 - f0) / (x1 - x0);
      if (fall < 0) {
        slope = fall;
      }
      if (Math.abs(f1) <= tolerance) {
        at = x1;
        return x1;
      }
      if (!(fall < 0)) {
        return Double.NaN;
      }
      x0 = x1;
      f0 = f1;
      x1 = x0 - f0 / fall;
    }
    return Double.NaN;
  }
}
