package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import roadbreeze.core.circuit.Factor;
import roadbreeze.core.rig.Calibrated;
import roadbreeze.core.rig.Setup;

/**
 * How well a model is known after a calibration: independent sources that together have its
 * covariance. Each is named after the factor that it is what is left of, once those before it are
 * given (Cholesky); what the drives knew together but not apart moves along.
 */
public final class Posterior {
  /** Pivots smaller than this are none: the covariance came through numbers with few digits. */
  private static final double SMALLEST = 1e-12;

  private Posterior() {}

  /**
   * @param prior spreads without the calibration; they stay for what it does not hold for
   * @param setup with a calibration or without
   */
  public static List<Uncertainty.Source> of(List<Uncertainty.Source> prior, Setup setup) {
    if (setup.calibrated().isEmpty()) {
      return prior;
    }
    Calibrated known = setup.calibrated().get();
    List<Integer> held = new ArrayList<>();
    for (int i = 0; i < known.fitted().size(); i++) {
      Factor factor = known.fitted().get(i);
      // An air traverse has measured what the bands of others still count.
      boolean measured = counts(Uncertainty.SOURCES, factor) && !counts(prior, factor);
      if (known.holds(factor, setup) && !measured) {
        held.add(i);
      }
    }
    List<Uncertainty.Source> sources = new ArrayList<>();
    for (Uncertainty.Source source : prior) {
      if (held.stream().noneMatch(i -> known.fitted().get(i) == source.factor())) {
        sources.add(source);
      }
    }
    if (!held.isEmpty()) {
      sources.addAll(independent(known, held));
    }
    return List.copyOf(sources);
  }

  private static boolean counts(List<Uncertainty.Source> sources, Factor factor) {
    return sources.stream().anyMatch(s -> s.factor() == factor);
  }

  private static List<Uncertainty.Source> independent(Calibrated known, List<Integer> held) {
    int n = held.size();
    double[][] all = known.covariance();
    RealMatrix covariance = MatrixUtils.createRealMatrix(n, n);
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        // Relative to the model as it is moved, as every source is.
        double scale =
            known.factors().get(known.fitted().get(held.get(i)))
                * known.factors().get(known.fitted().get(held.get(j)));
        covariance.setEntry(i, j, all[held.get(i)][held.get(j)] / scale);
      }
    }
    RealMatrix root = new CholeskyDecomposition(covariance, 1e-6, SMALLEST).getL();
    List<Uncertainty.Source> sources = new ArrayList<>();
    for (int j = 0; j < n; j++) {
      Map<Factor, Double> along = new HashMap<>();
      for (int i = j + 1; i < n; i++) {
        along.put(known.fitted().get(held.get(i)), Margin.NINE_IN_TEN * root.getEntry(i, j));
      }
      sources.add(
          new Uncertainty.Source(
              known.fitted().get(held.get(j)), Margin.NINE_IN_TEN * root.getEntry(j, j), along));
    }
    return sources;
  }
}
