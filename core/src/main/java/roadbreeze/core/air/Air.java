package roadbreeze.core.air;

import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * Dry outside air at a place and a temperature.
 *
 * @param temperature °C, −50 to 80
 * @param pressure Pa
 * @param density kg/m³
 * @param viscosity dynamic, Pa·s
 */
public record Air(double temperature, double pressure, double density, double viscosity) {
  public static final Range TEMPERATURE = new Range(Quantity.AMBIENT, -50, 80);
  public static final Range ALTITUDE = new Range(Quantity.ALTITUDE, -430, 5500);

  /** Specific heat capacity at constant pressure, J/(kg·K); constant to 1 % from −50 to 100 °C. */
  public static final double SPECIFIC_HEAT = 1006;

  public static final double PRANDTL = 0.71;
  public static final double GAS_CONSTANT = 287.058;
  public static final double KELVIN = 273.15;

  /**
   * Air at an altitude with the user's own temperature.
   *
   * @param temperature °C
   * @param altitude m above sea level
   * @throws roadbreeze.core.problem.BadInputException outside {@link #TEMPERATURE} or {@link
   *     #ALTITUDE}
   */
  public static Air at(double temperature, double altitude) {
    return of(TEMPERATURE.require(temperature), standardPressure(altitude));
  }

  /** The same air warmed or cooled where it is, to a temperature in °C. */
  public Air warmedTo(double temperature) {
    return of(temperature, pressure);
  }

  private static Air of(double temperature, double pressure) {
    double kelvin = temperature + KELVIN;
    double viscosity =
        1.716e-5
            * kelvin
            / KELVIN
            * Math.sqrt(kelvin / KELVIN)
            * (KELVIN + 110.4)
            / (kelvin + 110.4);
    return new Air(temperature, pressure, pressure / (GAS_CONSTANT * kelvin), viscosity);
  }

  /** Altitude at which the same has a pressure in Pa, m; not a number for what is none. */
  public static double standardAltitude(double pressure) {
    return (1 - Math.pow(pressure / 101325, 1 / 5.25588)) / 2.25577e-5;
  }

  /** International Standard Atmosphere pressure, Pa, at an altitude in m. */
  public static double standardPressure(double altitude) {
    ALTITUDE.require(altitude);
    return 101325 * Math.pow(1 - 2.25577e-5 * altitude, 5.25588);
  }
}
