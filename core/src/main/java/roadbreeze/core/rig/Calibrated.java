package roadbreeze.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathIllegalArgumentException;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.circuit.Factors;

/**
 * What recorded drives have told of a truck's model. What belongs to the radiator or the fans of
 * those drives is not known of others.
 *
 * @param factors by which the model is moved
 * @param fitted the factors that were sought, in the order of the covariance
 * @param covariance of these, standard deviations squared, relative
 * @param radiator that was driven with; empty for one that no setup has
 * @param fans the same
 */
public record Calibrated(
    Factors factors,
    List<Factor> fitted,
    double[][] covariance,
    Optional<Core> radiator,
    Optional<List<FanUnit>> fans) {
  /** Relative, of two entries that mirror each other. */
  private static final double SAME = 1e-6;

  private static final double SMALLEST = 1e-12;

  public Calibrated {
    fitted = List.copyOf(fitted);
    double[][] own = new double[covariance.length][];
    for (int i = 0; i < own.length; i++) {
      own[i] = covariance[i].clone();
    }
    covariance = own;
  }

  @Override
  public double[][] covariance() {
    double[][] own = new double[covariance.length][];
    for (int i = 0; i < own.length; i++) {
      own[i] = covariance[i].clone();
    }
    return own;
  }

  /** Symmetric, and of something that varies in every direction. */
  public static boolean isCovariance(List<List<Double>> rows) {
    RealMatrix matrix = MatrixUtils.createRealMatrix(rows.size(), rows.size());
    for (int i = 0; i < rows.size(); i++) {
      for (int j = 0; j < rows.size(); j++) {
        matrix.setEntry(i, j, rows.get(i).get(j));
      }
    }
    try {
      new CholeskyDecomposition(matrix, SAME, SMALLEST);
      return true;
    } catch (MathIllegalArgumentException e) {
      return false;
    }
  }

  /** What the drives told of this factor holds with a setup as well. */
  public boolean holds(Factor factor, Setup setup) {
    return switch (factor) {
      case CORE_CONDUCTANCE, FIN_FRICTION -> radiator.filter(setup.radiator()::equals).isPresent();
      case FAN_PRESSURE -> fans.filter(fansOf(setup)::equals).isPresent();
      default -> fitted.contains(factor);
    };
  }

  /** The model for a setup. */
  Factors of(Setup setup) {
    Factors known = factors;
    for (Factor factor : fitted) {
      known = holds(factor, setup) ? known : known.with(factor, 1);
    }
    return known;
  }

  public static List<FanUnit> fansOf(Setup setup) {
    List<FanUnit> fans = new ArrayList<>();
    setup.fitting().fans().forEach(f -> fans.add(f.part()));
    return fans;
  }
}
