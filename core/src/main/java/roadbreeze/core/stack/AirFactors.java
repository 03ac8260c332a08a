package roadbreeze.core.stack;

/**
 * Multipliers on what drives and holds up the air (-); 1 is the model as it stands.
 *
 * @param ram on ram pressure
 * @param fanPressure on every fan's pressure
 * @param friction on the friction factor of every core
 * @param systemLoss on the loss of grille and exit
 */
public record AirFactors(double ram, double fanPressure, double friction, double systemLoss) {
  public static final AirFactors NOMINAL = new AirFactors(1, 1, 1, 1);
}
