package roadbreeze.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.Line;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.vehicle.ChargeAir;
import roadbreeze.core.vehicle.Powertrain;

/**
 * A truck with its trailer, in good order and without what a build fits.
 *
 * @param accessories beside electric fans
 * @param fanFactor on the pressure of fans that no air traverse measured in this truck; 1 without
 *     any traverse
 */
@RecordBuilder
public record Truck(
    Powertrain powertrain,
    Load load,
    Accessories accessories,
    Optional<ChargeAir> chargeAir,
    CoolantSide coolant,
    OilSide oil,
    FrontEnd front,
    Cores cores,
    double fanFactor,
    FoundLines lines)
    implements TruckBuilder.With {

  /** What is moved, kg and m². */
  public record Load(
      double vehicleMass, double trailerMass, double rollingCoefficient, double dragArea) {}

  /**
   * The coolant's side.
   *
   * @param capPressure stamped, gauge, Pa
   * @param pumpFlowAt4000 kg/s
   */
  public record CoolantSide(Coolant fluid, double capPressure, double pumpFlowAt4000) {}

  /**
   * The oil's side.
   *
   * @param flow as found, hot, m³/s
   * @param tankConductance of the cooler in the radiator's tank, W/K, where there is one
   * @param bypass the gearbox's own, which keeps cold oil from its coolers
   */
  public record OilSide(
      TransmissionFluid fluid,
      double flow,
      double caseConductance,
      OptionalDouble tankConductance,
      Bypass bypass) {}

  /**
   * The front end, m.
   *
   * @param depth room in front of the pack
   * @param coreGap between the truck's own cores
   * @param fanToCore from the blades of the main fan to the radiator
   * @param tipGap from its blade tips to the shroud
   * @param ramCoefficient open grille 0.55
   * @param nose what else stands there
   * @param tips gaps all round the main fan; empty where nobody has measured them
   */
  public record FrontEnd(
      Rectangle opening,
      double depth,
      double coreGap,
      double fanToCore,
      double tipGap,
      double ramCoefficient,
      Nose nose,
      Optional<FanTips> tips) {
    /** Where nobody has measured all round the fan. */
    public FrontEnd(
        Rectangle opening,
        double depth,
        double coreGap,
        double fanToCore,
        double tipGap,
        double ramCoefficient,
        Nose nose) {
      this(opening, depth, coreGap, fanToCore, tipGap, ramCoefficient, nose, Optional.empty());
    }
  }

  /** The truck's own cores. */
  public record Cores(
      Core radiator,
      Optional<Core> condenser,
      Optional<Core> chargeAirCooler,
      boolean chargeAirFirst) {}

  /**
   * Lines to the in-tank cooler and back, and what the gearbox pump can push.
   *
   * @param pumpMaxPressure at which the circuit stops flowing, Pa
   * @param coldOil oil of a cold morning, °C
   */
  public record FoundLines(Line line, double pumpMaxPressure, double coldOil) {}
}
