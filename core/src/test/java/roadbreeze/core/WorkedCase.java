package roadbreeze.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.circuit.Bypass;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.Converter;
import roadbreeze.core.vehicle.Driveline;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.RoadLoad;

/** The petrol utility of the published worked case: the fixture of every test and of the bench. */
public final class WorkedCase {
  private WorkedCase() {}

  public static final OperatingPoint CLIMB = new OperatingPoint(0.06, 75 / 3.6, 38, 600, true);
  public static final OperatingPoint SLIPPING = new OperatingPoint(0.09, 35 / 3.6, 38, 600, true);

  public static Powertrain powertrain() {
    return new Powertrain(
        new Engine(
            Engine.Kind.PETROL,
            5.6e-3,
            new double[] {1000, 2000, 3000, 4000, 4600, 5400},
            new double[] {390, 490, 530, 545, 525, 465}),
        new Converter(490, 2300, 2.0),
        new Driveline(
            List.of(3.90, 2.30, 1.50, 1.14, 0.86, 0.68),
            3.73,
            0.39,
            0.97,
            0.965,
            1000,
            3,
            14,
            1300,
            5000));
  }

  public static Layer radiator() {
    return new Layer(
        "radiator",
        new Rectangle(0, 0, 0.76, 0.52),
        new LouvredFin(0.040, 17, 0.010, FinMetal.ALUMINIUM),
        0,
        new LayerRole.Radiator(new RadiatorTubes(0.52, 0.040, 0.010)));
  }

  public static Layer condenser() {
    return new Layer(
        "condenser",
        new Rectangle(0.03, 0.04, 0.70, 0.44),
        new LouvredFin(0.016, 18, 0.010, FinMetal.ALUMINIUM),
        0,
        new LayerRole.Condenser());
  }

  public static Layer cooler(String name, double x, double y) {
    return new Layer(
        name,
        new Rectangle(x, y, 0.28, 0.19),
        new LouvredFin(0.032, 14, 0.0105, FinMetal.ALUMINIUM),
        0,
        new LayerRole.OilCooler(
            new OilChannels(0.28, 0.19, 0.032, 0.0105, 1, 0.0095, OilChannels.Surface.TURBULATED),
            1));
  }

  public static Fan fan() {
    return new Fan(
        "main fan",
        new FanCurve(330, 2.4, false),
        new Rectangle(0.06, 0, 0.64, 0.52),
        Fan.Mount.SHROUDED_PULLER);
  }

  public static Stack stack(boolean withCooler) {
    List<Layer> layers = new ArrayList<>();
    if (withCooler) {
      layers.add(cooler("oil cooler", 0.05, 0.25));
    }
    layers.add(condenser());
    layers.add(radiator());
    return new Stack(layers, List.of(fan()), 0.55, 0.02);
  }

  public static OilLoop oilLoop(List<OilStage> stages) {
    return new OilLoop(TransmissionFluid.LEGACY, 10e-3 / 60, stages, 20, 10);
  }

  public static List<OilStage> stages(boolean withCooler) {
    OilStage tank = OilStage.of(new OilElement.InTank(320));
    return withCooler
        ? List.of(tank, OilStage.of(new OilElement.PackCooler("oil cooler", Bypass.NONE)))
        : List.of(tank);
  }

  public static Rig rig(boolean withCooler) {
    return rig(stack(withCooler), stages(withCooler), 1, new Thermostat(90, 99));
  }

  public static Rig rig(
      Stack stack, List<OilStage> stages, double fanCondition, Thermostat thermostat) {
    return rig(
        stack, stages, new FanSetting(new FanDrive.Electric(1, 0.45), fanCondition), thermostat);
  }

  public static Rig rig(Stack stack, List<OilStage> stages, FanSetting fan, Thermostat thermostat) {
    return new Rig(
        powertrain(),
        new RoadLoad(5900, 0.010, 3.6),
        new Accessories(1500, 3500, 7000),
        Optional.empty(),
        new CoolantLoop(new Coolant(0.5), 3.0, thermostat, 0),
        oilLoop(stages),
        stack,
        List.of(fan));
  }
}
