package roadbreeze.core.fluid;

import roadbreeze.core.air.Air;
import roadbreeze.core.problem.Problem;

/**
 * Automatic transmission fluid known by the two viscosities of its data sheet. Valid −30 to 150 °C;
 * beyond that the Walther line is extended and the caller warns.
 *
 * @see "ASTM D341"
 */
public final class TransmissionFluid implements Liquid {
  public static final TransmissionFluid LEGACY = new TransmissionFluid(34, 7.3);
  public static final TransmissionFluid LOW_VISCOSITY = new TransmissionFluid(29.5, 5.6);
  public static final double VALID_LOW = -30;
  public static final double VALID_HIGH = 150;

  // Natural logarithms of Walther's A, and B.
  private final double intercept;
  private final double slope;

  /**
   * @param kv40 kinematic viscosity at 40 °C, mm²/s
   * @param kv100 kinematic viscosity at 100 °C, mm²/s, below kv40
   */
  public TransmissionFluid(double kv40, double kv100) {
    if (!(kv100 > 1 && kv40 > kv100 && kv40 < 500)) {
      throw Problem.OIL_VISCOSITIES.refuse(kv40, kv100);
    }
    double x40 = Math.log10(40 + Air.KELVIN);
    double x100 = Math.log10(100 + Air.KELVIN);
    double y40 = Math.log10(Math.log10(kv40 + 0.7));
    double y100 = Math.log10(Math.log10(kv100 + 0.7));
    slope = (y40 - y100) / (x100 - x40);
    intercept = Math.log(10) * (y40 + slope * x40) + Math.log(Math.log(10));
  }

  /** A temperature brought inside the span that the correlations can be asked for at all, °C. */
  public static double held(double temperature) {
    return Math.max(-45, Math.min(250, temperature));
  }

  /** Kinematic viscosity, mm²/s, by the Walther equation. */
  public double kinematicViscosity(double temperature) {
    return Math.exp(Math.exp(intercept - slope * Math.log(temperature + Air.KELVIN))) - 0.7;
  }

  @Override
  public double density(double temperature) {
    return 865 * (1 - 0.00075 * (temperature - 15));
  }

  @Override
  public double specificHeat(double temperature) {
    return 1800 + 3.6 * temperature;
  }

  @Override
  public double conductivity(double temperature) {
    return 0.138 - 0.0001 * temperature;
  }

  @Override
  public double viscosity(double temperature) {
    return kinematicViscosity(temperature) * 1e-6 * density(temperature);
  }
}
