package roadbreeze.core.circuit;

/**
 * Multipliers on what is least known; 1 is the model as it stands.
 *
 * @param coolantShare on κ
 * @param dragArea on CdA
 * @param ram on the ram pressure coefficient
 * @param fanPressure on every fan's pressure
 * @param coreConductance on every core's overall conductance
 */
public record Factors(
    double coolantShare, double dragArea, double ram, double fanPressure, double coreConductance) {
  public static final Factors NOMINAL = new Factors(1, 1, 1, 1, 1);
}
