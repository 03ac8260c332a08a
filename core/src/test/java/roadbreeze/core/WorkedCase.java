package roadbreeze.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.exchanger.ChannelSurface;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.Line;
import roadbreeze.core.line.OilCircuit;
import roadbreeze.core.line.PlannedHose;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.rig.Turn;
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
  public static final OperatingPoint SLIPPING = new OperatingPoint(0.09, 40 / 3.6, 38, 600, true);

  /** kg/s at 4000 rpm. */
  private static final double PUMP_FLOW = 3.6;

  private static final FanCurve FAN_CURVE = new FanCurve(500, 2.8, false);
  private static final double OIL_FLOW = 10e-3 / 60;
  private static final Line FOUND_LINE = new Line(2.4, 9.5e-3, 5);
  private static final double MOST_PRESSURE = 420e3;

  /** To the cooler and back: an elbow and two adapters each. */
  private static final List<Line> HOSES =
      List.of(new Line(0.9, 9.5e-3, 2.9), new Line(1.1, 9.5e-3, 2.9));

  public static Powertrain powertrain() {
    return new Powertrain(
        new Engine(
            Engine.Kind.PETROL,
            5.6e-3,
            new double[] {1000, 2000, 3000, 4000, 4600, 5400},
            new double[] {390, 490, 530, 545, 525, 465},
            700),
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

  /** The same truck as it is measured, rather than as the balance takes it. */
  public static Truck truck() {
    Core radiator = new Core(new Rectangle(0, 0, 0.76, 0.52), 0.040, 17, FinMetal.ALUMINIUM);
    Core condenser = new Core(new Rectangle(0.03, 0.04, 0.70, 0.44), 0.016, 18, FinMetal.ALUMINIUM);
    return new Truck(
        powertrain(),
        new Truck.Load(2400, 3500, 0.010, 3.6),
        new Accessories(1500, 3500, 7000),
        Optional.empty(),
        new Truck.CoolantSide(new Coolant(0.5), 1.1e5, PUMP_FLOW),
        new Truck.OilSide(
            TransmissionFluid.LEGACY, OIL_FLOW, 20, OptionalDouble.of(320), Bypass.NONE),
        new Truck.FrontEnd(
            new Rectangle(-0.02, -0.02, 0.80, 0.56), 0.12, 0.012, 0.03, 0.012, 0.55, Nose.UNKNOWN),
        new Truck.Cores(radiator, Optional.of(condenser), Optional.empty(), false),
        1,
        new Truck.FoundLines(FOUND_LINE, MOST_PRESSURE, -10));
  }

  /** A build without an auxiliary cooler, everything sound. */
  public static Fitting fitting() {
    FanUnit fan =
        new FanUnit(
            FanUnit.Type.ELECTRIC,
            1,
            0.45,
            FAN_CURVE,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty());
    return new Fitting(
        Condition.SOUND,
        Fitting.Nose.BARE,
        Fitting.Swaps.none(new Thermostat(90, 99)),
        new Fitting.OilRun(
            OilOrder.AFTER_TANK,
            OilElement.InTank.Place.OUTLET_TANK,
            false,
            false,
            List.of(),
            HOSES.stream().map(PlannedHose::new).toList(),
            List.of(),
            Optional.empty()),
        List.of(FanFit.over(new Rectangle(0.06, 0, 0.64, 0.52), fan)),
        List.of());
  }

  public static OilCooler oilCooler(double width, double height, double depth) {
    return new OilCooler(
        OilCooler.Family.STACKED_PLATE,
        width,
        height,
        depth,
        14,
        0.0105,
        1,
        0.0095,
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  public static CoolerFit cooler() {
    return new CoolerFit(
        Name.of("oil-cooler", Name.Noun.OIL_COOLER, 0),
        oilCooler(0.28, 0.19, 0.032),
        CoolerFit.Place.FRONT,
        Turn.AS_DRAWN,
        0.05,
        0.25,
        0.02,
        true,
        Optional.empty(),
        1);
  }

  public static Setup setup(boolean withCooler) {
    Fitting bare = fitting();
    return new Setup(truck(), withCooler ? bare.withCoolers(List.of(cooler())) : bare);
  }

  public static Layer radiator() {
    return new Layer(
        Name.of(Name.Noun.RADIATOR),
        new Rectangle(0, 0, 0.76, 0.52),
        new LouvredFin(0.040, 17, 0.010, FinMetal.ALUMINIUM),
        0,
        new LayerRole.Radiator(
            new RadiatorTubes(0.76, 0.52, 0.040, 0.010, RadiatorTubes.Surface.DIMPLED)));
  }

  public static Layer condenser() {
    return new Layer(
        Name.of(Name.Noun.CONDENSER),
        new Rectangle(0.03, 0.04, 0.70, 0.44),
        new LouvredFin(0.016, 18, 0.010, FinMetal.ALUMINIUM),
        0,
        new LayerRole.Condenser());
  }

  public static Layer cooler(String id, double x, double y) {
    return new Layer(
        Name.of(id, Name.Noun.OIL_COOLER, 0),
        new Rectangle(x, y, 0.28, 0.19),
        new LouvredFin(0.032, 14, 0.0105, FinMetal.ALUMINIUM),
        0,
        new LayerRole.OilCooler(
            new OilChannels(0.28, 0.19, 0.032, 0.0105, 1, 0.0095, ChannelSurface.TURBULATED),
            1,
            0));
  }

  public static Fan fan() {
    return new Fan(
        Name.of(Name.Noun.MAIN_FAN),
        FAN_CURVE,
        new Rectangle(0.06, 0, 0.64, 0.52),
        Fan.Mount.SHROUDED_PULLER);
  }

  public static Stack stack(boolean withCooler) {
    List<Layer> layers = new ArrayList<>();
    if (withCooler) {
      layers.add(cooler("oil-cooler", 0.05, 0.25));
    }
    layers.add(condenser());
    layers.add(radiator());
    return new Stack(layers, List.of(fan()), 0.55, 0.02);
  }

  public static OilLoop oilLoop(List<OilStage> stages) {
    boolean cooled =
        stages.stream()
            .flatMap(s -> s.branches().stream())
            .anyMatch(b -> b.element() instanceof OilElement.PackCooler);
    TransmissionFluid oil = TransmissionFluid.LEGACY;
    return new OilLoop(
        oil,
        OilCircuit.of(OIL_FLOW, FOUND_LINE, MOST_PRESSURE, cooled ? HOSES : List.of(), oil),
        Bypass.NONE,
        stages,
        20);
  }

  public static List<OilStage> stages(boolean withCooler) {
    OilStage tank = OilStage.of(new OilElement.InTank(320, OilElement.InTank.Place.OUTLET_TANK));
    return withCooler
        ? List.of(tank, OilStage.of(new OilElement.PackCooler("oil-cooler", Bypass.NONE)))
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
        new CoolantLoop(new Coolant(0.5), PUMP_FLOW, thermostat),
        oilLoop(stages),
        stack,
        List.of(fan));
  }
}
