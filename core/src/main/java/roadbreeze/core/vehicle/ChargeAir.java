package roadbreeze.core.vehicle;

import roadbreeze.core.air.Air;

/**
 * Heat that boost puts into the charge and the charge-air cooler takes out.
 *
 * @param pressureRatio compressor outlet over inlet at full climb, above 1
 * @param intakeRise intake temperature over ambient after the cooler, K
 */
public record ChargeAir(double pressureRatio, double intakeRise) {
  /** Intake over ambient after a charge-air cooler in good order, K. */
  public static final double USUAL_INTAKE_RISE = 20;

  private static final double COMPRESSOR_EFFICIENCY = 0.72;
  private static final double FUEL_HEATING_VALUE = 42.8e6; // diesel, J/kg
  private static final double AIR_FUEL_RATIO = 22; // by mass, boosted diesel under load
  private static final double ISENTROPIC_EXPONENT = 0.2857;

  /** W; air mass flow times specific heat times the fall from compressor outlet to intake. */
  public double heat(double fuelPower, double ambient) {
    double airFlow = fuelPower / FUEL_HEATING_VALUE * AIR_FUEL_RATIO;
    double rise =
        (ambient + Air.KELVIN)
            * (Math.pow(pressureRatio, ISENTROPIC_EXPONENT) - 1)
            / COMPRESSOR_EFFICIENCY;
    return airFlow * Air.SPECIFIC_HEAT * Math.max(0, rise - intakeRise);
  }
}
