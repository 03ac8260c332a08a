package roadbreeze.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.ChargeAir;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.RoadLoad;

/**
 * One build of one truck with its trailer: everything the steady balance needs but the road.
 *
 * @param fanSettings one per fan of the stack, in its order; at most one is clutched
 * @param known by which a calibration has moved the model for this truck
 */
public record Rig(
    Powertrain powertrain,
    RoadLoad load,
    Accessories accessories,
    Optional<ChargeAir> chargeAir,
    CoolantLoop coolantLoop,
    OilLoop oilLoop,
    Stack stack,
    List<FanSetting> fanSettings,
    Factors known) {
  public Rig {
    fanSettings = List.copyOf(fanSettings);
    if (fanSettings.size() != stack.fans().size()) {
      throw Problem.FAN_SETTINGS.refuse();
    }
    if (fanSettings.stream().filter(f -> f.drive() instanceof FanDrive.Clutched).count() > 1) {
      throw Problem.FANS_ON_ENGINE.refuse();
    }
  }

  /** Of a truck for which nothing is calibrated. */
  public Rig(
      Powertrain powertrain,
      RoadLoad load,
      Accessories accessories,
      Optional<ChargeAir> chargeAir,
      CoolantLoop coolantLoop,
      OilLoop oilLoop,
      Stack stack,
      List<FanSetting> fanSettings) {
    this(
        powertrain,
        load,
        accessories,
        chargeAir,
        coolantLoop,
        oilLoop,
        stack,
        fanSettings,
        Factors.NOMINAL);
  }

  /** The same rig with a model that a calibration has moved. */
  public Rig withKnown(Factors factors) {
    return new Rig(
        powertrain,
        load,
        accessories,
        chargeAir,
        coolantLoop,
        oilLoop,
        stack,
        fanSettings,
        factors);
  }

  public Rig withLoad(RoadLoad newLoad) {
    return new Rig(
        powertrain,
        newLoad,
        accessories,
        chargeAir,
        coolantLoop,
        oilLoop,
        stack,
        fanSettings,
        known);
  }

  /** The same rig at another combined mass, kg. */
  public Rig withMass(double mass) {
    return withLoad(new RoadLoad(mass, load.rollingCoefficient(), load.dragArea()));
  }

  public Rig withCoolantLoop(CoolantLoop newLoop) {
    return new Rig(
        powertrain, load, accessories, chargeAir, newLoop, oilLoop, stack, fanSettings, known);
  }

  public Rig withOilLoop(OilLoop newLoop) {
    return new Rig(
        powertrain, load, accessories, chargeAir, coolantLoop, newLoop, stack, fanSettings, known);
  }

  /** The same truck with another pack. */
  public Rig withPack(Stack newStack, List<FanSetting> newSettings) {
    return new Rig(
        powertrain,
        load,
        accessories,
        chargeAir,
        coolantLoop,
        oilLoop,
        newStack,
        newSettings,
        known);
  }

  /**
   * The same rig with some of its fans at rest.
   *
   * @param fans which, by their places
   */
  public Rig withResting(IntPredicate fans) {
    List<FanSetting> settings = new ArrayList<>(fanSettings);
    for (int f = 0; f < settings.size(); f++) {
      if (fans.test(f)) {
        settings.set(f, new FanSetting(settings.get(f).drive(), 0));
      }
    }
    return withPack(stack, settings);
  }

  /** The same rig with a controlled clutch held fully gripped, as a driver's switch does. */
  public Rig withFanHeld() {
    return withPack(
        stack,
        fanSettings.stream()
            .map(
                f ->
                    f.drive() instanceof FanDrive.Controlled controlled
                        ? new FanSetting(controlled.held(), f.condition())
                        : f)
            .toList());
  }

  /** Index of the fan on the engine, −1 if there is none. */
  public int clutchedFan() {
    for (int f = 0; f < fanSettings.size(); f++) {
      if (fanSettings.get(f).drive() instanceof FanDrive.Clutched) {
        return f;
      }
    }
    return -1;
  }

  /** What couples the fan on the engine; there must be one. */
  public FanDrive.Clutched clutch() {
    return (FanDrive.Clutched) fanSettings.get(clutchedFan()).drive();
  }
}
