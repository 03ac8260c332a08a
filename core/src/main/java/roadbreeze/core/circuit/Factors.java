package roadbreeze.core.circuit;

import java.util.Arrays;
import roadbreeze.core.stack.AirFactors;

/**
 * Multipliers on the model's {@link Factor}s, one each, in their order; 1 is the model as it
 * stands. A vector, so that a calibration can fit it.
 */
public final class Factors {
  public static final Factors NOMINAL = new Factors(ones());

  private final double[] values;

  private Factors(double[] values) {
    this.values = values;
  }

  /**
   * @param values one for each factor, in order
   */
  public static Factors of(double... values) {
    if (values.length != Factor.values().length) {
      throw new IllegalArgumentException(
          "a multiplier for each of " + Arrays.toString(Factor.values()));
    }
    return new Factors(values.clone());
  }

  private static double[] ones() {
    double[] ones = new double[Factor.values().length];
    Arrays.fill(ones, 1);
    return ones;
  }

  public double get(Factor factor) {
    return values[factor.ordinal()];
  }

  /** Those that move the air. */
  AirFactors ofAir() {
    return new AirFactors(
        get(Factor.RAM),
        get(Factor.FAN_PRESSURE),
        get(Factor.FIN_FRICTION),
        get(Factor.SYSTEM_LOSS));
  }

  public Factors with(Factor factor, double value) {
    double[] changed = values.clone();
    changed[factor.ordinal()] = value;
    return new Factors(changed);
  }

  /** One of them so much higher. */
  public Factors plus(Factor factor, double by) {
    return with(factor, get(factor) + by);
  }

  /** Each multiplied with that of another. */
  Factors times(Factors other) {
    if (this == NOMINAL || other == NOMINAL) {
      return this == NOMINAL ? other : this;
    }
    double[] product = values.clone();
    for (int i = 0; i < product.length; i++) {
      product[i] *= other.values[i];
    }
    return new Factors(product);
  }

  public double[] toArray() {
    return values.clone();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Factors f && Arrays.equals(values, f.values);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(values);
  }

  @Override
  public String toString() {
    return Arrays.toString(values);
  }
}
