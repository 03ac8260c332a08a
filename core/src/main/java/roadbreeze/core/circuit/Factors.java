package roadbreeze.core.circuit;

/**
 * Multipliers on what is least known, or on what a question "and with a tenth more?" moves; 1 is
 * the model as it stands.
 *
 * @param coolantShare on κ
 * @param dragArea on CdA
 * @param ram on the ram pressure coefficient
 * @param fanPressure on every fan's pressure
 * @param coreConductance on every core's overall conductance
 * @param converterHeat on what the slipping converter gives the oil
 * @param frontHeat on what condenser and charge-air cooler give the air before the radiator
 */
public record Factors(
    double coolantShare,
    double dragArea,
    double ram,
    double fanPressure,
    double coreConductance,
    double converterHeat,
    double frontHeat) {
  public static final Factors NOMINAL = new Factors(1, 1, 1, 1, 1, 1, 1);

  public Factors withCoolantShare(double factor) {
    return new Factors(
        factor, dragArea, ram, fanPressure, coreConductance, converterHeat, frontHeat);
  }

  public Factors withDragArea(double factor) {
    return new Factors(
        coolantShare, factor, ram, fanPressure, coreConductance, converterHeat, frontHeat);
  }

  public Factors withRam(double factor) {
    return new Factors(
        coolantShare, dragArea, factor, fanPressure, coreConductance, converterHeat, frontHeat);
  }

  public Factors withFanPressure(double factor) {
    return new Factors(
        coolantShare, dragArea, ram, factor, coreConductance, converterHeat, frontHeat);
  }

  public Factors withCoreConductance(double factor) {
    return new Factors(coolantShare, dragArea, ram, fanPressure, factor, converterHeat, frontHeat);
  }

  public Factors withConverterHeat(double factor) {
    return new Factors(
        coolantShare, dragArea, ram, fanPressure, coreConductance, factor, frontHeat);
  }

  public Factors withFrontHeat(double factor) {
    return new Factors(
        coolantShare, dragArea, ram, fanPressure, coreConductance, converterHeat, factor);
  }
}
