package roadbreeze.server.rig;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.circuit.Bypass;
import roadbreeze.core.circuit.CoolantLoop;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.OilLoop;
import roadbreeze.core.circuit.OilStage;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.fit.Layout;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.ParallelFlow;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.vehicle.ChargeAir;
import roadbreeze.core.vehicle.Converter;
import roadbreeze.core.vehicle.Driveline;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.core.vehicle.RoadLoad;

/** Maps what people enter (mm, kW, L/min) to the core's rig (SI). */
public final class RigFactory {
  public static final String COOLER = "oil cooler";
  public static final String CONDENSER = "condenser";
  public static final String CHARGE_AIR_COOLER = "charge-air cooler";
  public static final String RADIATOR = "radiator";

  /** Oil temperature at which parallel coolers share the flow, °C. */
  private static final double HOT_OIL = 90;

  /** Air round the gearbox over ambient, K. */
  private static final double CASE_AIR_RISE = 10;

  /** Intake over ambient after a charge-air cooler in good order, K. */
  private static final double INTAKE_RISE = 20;

  private static final double CORE_TUBE_PITCH = 0.010;
  private static final double FAN_EFFICIENCY = 0.45;
  private static final double ALTERNATOR_EFFICIENCY = 0.60;
  private static final double CLUTCH_RELEASED = 0.25;
  private static final double CLUTCH_FULL = 0.9;
  private static final double AIR_CONDITIONING_FLOOR = 0.5;
  private static final double BYPASS_BAND = 12;

  /** Where on the face a core stands that is elsewhere on the truck: well clear of the pack, m. */
  private static final double ELSEWHERE = 2.0;

  private RigFactory() {}

  /**
   * @param oilFlowShare share of the flow as found that the planned lines leave
   * @throws BadInputException if a value cannot be
   */
  public static Rig rig(
      Vehicle vehicle,
      Trailer trailer,
      List<Obstacle> obstacles,
      Build build,
      double oilFlowShare) {
    EngineData e = vehicle.engine();
    GearboxData g = vehicle.gearbox();
    return new Rig(
        new Powertrain(
            new Engine(
                e.kind(), e.displacementLitres() / 1000, array(e.torqueRpm()), array(e.torqueNm())),
            new Converter(g.stallTorqueNm(), g.stallRpm(), g.stallTorqueRatio()),
            new Driveline(
                g.gearRatios(),
                g.axleRatio(),
                g.tyreRadiusM(),
                g.meshEfficiency(),
                g.axleEfficiency(),
                g.spinLossKw() * 1000,
                g.lockFromGear(),
                g.lockAboveKmh() / 3.6,
                g.luggingRpm(),
                g.highestRpm())),
        new RoadLoad(
            vehicle.massKg() + trailer.massKg(),
            vehicle.rollingCoefficient(),
            vehicle.dragAreaM2()),
        new Accessories(
            e.accessoryKw() * 1000 + fanCurrentAtTheBelt(build),
            e.airConditioningKw() * 1000,
            e.condenserKw() * 1000),
        Optional.ofNullable(e.boostRatio()).map(ratio -> new ChargeAir(ratio, INTAKE_RISE)),
        new CoolantLoop(
            new Coolant(vehicle.cooling().glycolShare()),
            vehicle.cooling().pumpKgsAt4000(),
            new Thermostat(
                build.switching().thermostatStartC(), build.switching().thermostatFullC()),
            0),
        new OilLoop(
            oil(g),
            g.oilFlowLpm() / 60e3 * oilFlowShare,
            stages(g, build, oilFlowShare),
            g.caseWattsPerKelvin(),
            CASE_AIR_RISE),
        stack(vehicle.cooling(), obstacles, build),
        fanSettings(build));
  }

  public static TransmissionFluid oil(GearboxData g) {
    return new TransmissionFluid(g.oilKv40(), g.oilKv100());
  }

  /** Oil side of a cooler. */
  public static OilChannels channels(CoolerPart c) {
    return new OilChannels(
        c.widthMm() / 1000,
        c.heightMm() / 1000,
        c.depthMm() / 1000,
        c.tubePitchMm() / 1000,
        c.passes(),
        c.portBoreMm() / 1000,
        c.family() == CoolerPart.Family.TUBE_AND_FIN
            ? OilChannels.Surface.PLAIN
            : OilChannels.Surface.TURBULATED);
  }

  /** Air side of a cooler. */
  public static LouvredFin fin(CoolerPart c) {
    return new LouvredFin(
        c.depthMm() / 1000, c.finsPerInch(), c.tubePitchMm() / 1000, FinMetal.ALUMINIUM);
  }

  /** What lets cold oil past a cooler. */
  public static Bypass bypass(CoolerPart c) {
    Double opens = c.bypassOpensC();
    return opens == null ? Bypass.NONE : new Bypass(opens - BYPASS_BAND, opens);
  }

  /** Name of the i-th auxiliary cooler's layer. */
  public static String coolerName(int i) {
    return i == 0 ? COOLER : COOLER + " " + (i + 1);
  }

  /** Name of the i-th fan. */
  public static String fanName(int i) {
    return i == 0 ? "main fan" : "fan " + (i + 1);
  }

  /** The truck's own radiator, or the one that replaces it, low on the same middle line. */
  public static CoreSize radiator(CoolingData cooling, Build build) {
    CoreSize own = cooling.radiator();
    RadiatorPart part = build.radiator();
    return part == null
        ? own
        : new CoreSize(
            own.leftMm() + (own.widthMm() - part.widthMm()) / 2,
            own.bottomMm(),
            part.widthMm(),
            part.heightMm(),
            part.depthMm(),
            part.finsPerInch(),
            part.metal());
  }

  /** The front opening, m, centred on the truck's own radiator. */
  public static Rectangle opening(CoolingData cooling) {
    CoreSize r = cooling.radiator();
    return rectangle(
        r.leftMm() + (r.widthMm() - cooling.openingWidthMm()) / 2,
        r.bottomMm() + (r.heightMm() - cooling.openingHeightMm()) / 2,
        cooling.openingWidthMm(),
        cooling.openingHeightMm());
  }

  /** What stands where, for the clearances. */
  public static Layout layout(CoolingData cooling, List<Obstacle> obstacles, Build build) {
    List<Layout.Cooler> coolers = new ArrayList<>();
    for (int i = 0; i < build.coolers().size(); i++) {
      FittedCooler c = build.coolers().get(i);
      if (c.place() != FittedCooler.Place.ELSEWHERE) {
        coolers.add(
            new Layout.Cooler(
                coolerName(i),
                outline(c),
                c.part().depthMm() / 1000,
                c.gapMm() / 1000,
                Layout.Depth.valueOf(c.place().name())));
      }
    }
    List<Layout.FanPlace> fans = new ArrayList<>();
    boolean onEngine = false;
    for (int i = 0; i < build.fans().size(); i++) {
      FittedFan f = build.fans().get(i);
      boolean pusher = f.mount() == FittedFan.Mount.PUSHER;
      fans.add(new Layout.FanPlace(fanName(i), outline(f), pusher));
      onEngine |= f.part().kind() != FanPart.Kind.ELECTRIC;
    }
    return new Layout(
        opening(cooling),
        cooling.openingDepthMm() / 1000,
        cooling.coreGapMm() / 1000,
        cooling.fanToCoreMm() / 1000,
        cooling.tipGapMm() / 1000,
        onEngine,
        rectangle(radiator(cooling, build)),
        coolers,
        obstacles.stream()
            .map(o -> new Layout.Obstacle(o.name(), rectangle(o), o.movable()))
            .toList(),
        fans);
  }

  private static List<OilStage> stages(GearboxData g, Build build, double oilFlowShare) {
    List<OilStage> stages = new ArrayList<>();
    List<OilElement> coolers = new ArrayList<>();
    for (int i = 0; i < build.coolers().size(); i++) {
      coolers.add(new OilElement.PackCooler(coolerName(i), bypass(build.coolers().get(i).part())));
    }
    if (build.parallel() && coolers.size() > 1) {
      stages.add(sideBySide(g, build, coolers, oilFlowShare));
    } else {
      coolers.forEach(c -> stages.add(OilStage.of(c)));
    }
    Double inTank =
        build.radiator() == null
            ? g.inTankWattsPerKelvin()
            : build.radiator().inTankWattsPerKelvin();
    if (inTank != null && build.oilOrder() != Build.OilOrder.TANK_BYPASSED) {
      OilStage tank = OilStage.of(new OilElement.InTank(inTank));
      stages.add(build.oilOrder() == Build.OilOrder.BEFORE_TANK ? stages.size() : 0, tank);
    }
    return stages;
  }

  private static OilStage sideBySide(
      GearboxData g, Build build, List<OilElement> coolers, double oilFlowShare) {
    List<DoubleUnaryOperator> drops = coreDrops(build, oil(g), HOT_OIL);
    double[] flows = ParallelFlow.share(drops, g.oilFlowLpm() / 60e3 * oilFlowShare).flows();
    double sum = Arrays.stream(flows).sum();
    List<OilStage.Branch> branches = new ArrayList<>();
    for (int i = 0; i < flows.length; i++) {
      branches.add(new OilStage.Branch(coolers.get(i), flows[i] / sum));
    }
    return new OilStage(branches);
  }

  /** Pressure drop of each auxiliary cooler, Pa over m³/s. */
  private static List<DoubleUnaryOperator> coreDrops(
      Build build, TransmissionFluid oil, double temperature) {
    return build.coolers().stream()
        .map(c -> channels(c.part()))
        .<DoubleUnaryOperator>map(c -> q -> q <= 0 ? 0 : c.pressureDrop(q, oil, temperature))
        .toList();
  }

  private static Stack stack(CoolingData cooling, List<Obstacle> obstacles, Build build) {
    List<Layer> front = new ArrayList<>();
    List<Layer> behindCondenser = new ArrayList<>();
    List<Layer> behindRadiator = new ArrayList<>();
    List<Fan> fans = new ArrayList<>();
    List<Rectangle> shadows = new ArrayList<>();
    for (int i = 0; i < build.fans().size(); i++) {
      fans.add(fan(fanName(i), build.fans().get(i), cooling.fanFactor()));
    }
    for (int i = 0; i < build.coolers().size(); i++) {
      FittedCooler c = build.coolers().get(i);
      Layer layer = cooler(coolerName(i), c);
      switch (c.place()) {
        case FRONT -> front.add(layer);
        case BEHIND_CONDENSER -> behindCondenser.add(layer);
        case BEHIND_RADIATOR -> behindRadiator.add(layer);
        case ELSEWHERE -> {
          front.add(layer);
          shadows.add(layer.outline());
        }
      }
      if (c.ownFanM3s() != null) {
        fans.add(
            new Fan(
                coolerName(i) + "'s own fan",
                FanCurve.fromFreeAirFlow(c.ownFanM3s()),
                layer.outline(),
                Fan.Mount.PUSHER));
      }
    }
    for (Obstacle o : obstacles) {
      if (o.takesAir()) {
        shadows.add(rectangle(o));
      }
    }
    List<Layer> layers = new ArrayList<>(front);
    List<Layer> own = new ArrayList<>();
    if (cooling.condenser() != null) {
      double blocked = build.condition().condenserBlockedPercent() / 100;
      own.add(layer(CONDENSER, cooling.condenser(), blocked, new LayerRole.Condenser()));
    }
    if (cooling.chargeAirCooler() != null) {
      own.add(
          cooling.chargeAirFirst() ? 0 : own.size(),
          layer(CHARGE_AIR_COOLER, cooling.chargeAirCooler(), 0, new LayerRole.ChargeAirCooler()));
    }
    layers.addAll(own);
    layers.addAll(behindCondenser);
    CoreSize radiator = radiator(cooling, build);
    layers.add(
        layer(
            RADIATOR,
            radiator,
            build.condition().finsBlockedPercent() / 100,
            new LayerRole.Radiator(
                new RadiatorTubes(
                    radiator.heightMm() / 1000, radiator.depthMm() / 1000, CORE_TUBE_PITCH))));
    layers.addAll(behindRadiator);
    return new Stack(
        layers,
        fans,
        shadows,
        cooling.ramCoefficient() * build.condition().ramShare(),
        build.condition().recirculation());
  }

  private static Layer layer(String name, CoreSize size, double blocked, LayerRole role) {
    return new Layer(
        name,
        rectangle(size),
        new LouvredFin(size.depthMm() / 1000, size.finsPerInch(), CORE_TUBE_PITCH, size.metal()),
        blocked,
        role);
  }

  private static Layer cooler(String name, FittedCooler c) {
    Rectangle place = outline(c);
    if (c.place() == FittedCooler.Place.ELSEWHERE) {
      place = new Rectangle(ELSEWHERE, 0, place.width(), place.height());
    }
    return new Layer(
        name,
        place,
        fin(c.part()),
        0,
        new LayerRole.OilCooler(channels(c.part()), c.ratingFactor()),
        c.sealed() || c.place() != FittedCooler.Place.FRONT ? 0 : c.gapMm() / 1000);
  }

  /** The fan's curve from what is known of it: points, two figures, or one. */
  public static FanCurve curve(FanPart f, double factor) {
    FanCurve curve;
    if (f.curveM3s() != null && !f.curveM3s().isEmpty()) {
      List<Double> pressures = f.curvePa() == null ? List.of() : f.curvePa();
      curve = FanCurve.through(array(f.curveM3s()), array(pressures));
    } else if (f.shutoffPa() != null) {
      curve = new FanCurve(f.shutoffPa(), f.freeFlowM3s(), false);
    } else {
      curve = FanCurve.fromFreeAirFlow(f.freeFlowM3s());
    }
    return new FanCurve(curve.shutoffPressure() * factor, curve.freeFlow(), curve.estimated());
  }

  private static Fan fan(String name, FittedFan f, double factor) {
    Fan.Mount mount =
        f.mount() == FittedFan.Mount.PUSHER
            ? Fan.Mount.PUSHER
            : f.shrouded() ? Fan.Mount.SHROUDED_PULLER : Fan.Mount.BARE_PULLER;
    Rectangle outline = outline(f);
    if (!f.shrouded()) {
      // Without a shroud only the blades' disc is served: a square of its area in the same middle.
      double side = f.part().diameterMm() / 1000 * Math.sqrt(Math.PI * f.part().count()) / 2;
      outline =
          new Rectangle(
              outline.x() + (outline.width() - side) / 2,
              outline.y() + (outline.height() - side) / 2,
              side,
              side);
    }
    return new Fan(name, curve(f.part(), factor), outline, mount);
  }

  private static List<FanSetting> fanSettings(Build build) {
    List<FanSetting> settings = new ArrayList<>();
    for (FittedFan f : build.fans()) {
      settings.add(new FanSetting(drive(f.part()), f.speedPercent() / 100));
    }
    for (FittedCooler c : build.coolers()) {
      if (c.ownFanM3s() != null) {
        settings.add(new FanSetting(new FanDrive.Electric(1, FAN_EFFICIENCY), 1));
      }
    }
    return settings;
  }

  private static FanDrive drive(FanPart f) {
    return switch (f.kind()) {
      case ELECTRIC -> new FanDrive.Electric(1, FAN_EFFICIENCY);
      // A solid fan always follows its pulley whole.
      case BELT -> new FanDrive.Viscous(belt(f, 1, 1), 0, 1);
      case VISCOUS ->
          new FanDrive.Viscous(
              belt(f, CLUTCH_RELEASED, CLUTCH_FULL),
              required("clutch grips from", f.gripsFromC()),
              required("clutch grips fully", f.gripsFullyC()));
      case CONTROLLED ->
          new FanDrive.Controlled(
              belt(f, CLUTCH_RELEASED, CLUTCH_FULL),
              required("duty rises from", f.gripsFromC()),
              required("duty is full at", f.gripsFullyC()),
              AIR_CONDITIONING_FLOOR,
              false);
    };
  }

  private static FanDrive.Belt belt(FanPart f, double released, double full) {
    return new FanDrive.Belt(
        required("pulley ratio", f.pulleyRatio()),
        required("fan reference speed", f.referenceRpm()),
        f.referenceRpm(),
        required("fan reference power", f.referenceKw()) * 1000,
        released,
        full);
  }

  /** What electric fans of known current take from the engine through the alternator, W. */
  private static double fanCurrentAtTheBelt(Build build) {
    double power = 0;
    for (FittedFan f : build.fans()) {
      FanPart p = f.part();
      if (p.kind() == FanPart.Kind.ELECTRIC && p.volts() != null && p.amps() != null) {
        // Power grows with the cube of speed, as the fan laws have it.
        power += p.volts() * p.amps() * Math.pow(f.speedPercent() / 100, 3);
      }
    }
    return power / ALTERNATOR_EFFICIENCY;
  }

  private static double required(String quantity, Double value) {
    if (value == null) {
      throw new BadInputException(quantity, "a fan on the engine needs its " + quantity);
    }
    return value;
  }

  private static Rectangle outline(FittedCooler c) {
    return rectangle(c.leftMm(), c.bottomMm(), c.part().widthMm(), c.part().heightMm());
  }

  private static Rectangle outline(FittedFan f) {
    return rectangle(f.leftMm(), f.bottomMm(), f.widthMm(), f.heightMm());
  }

  /** Outline of an obstacle, m. */
  public static Rectangle rectangle(Obstacle o) {
    return rectangle(o.leftMm(), o.bottomMm(), o.widthMm(), o.heightMm());
  }

  private static Rectangle rectangle(CoreSize c) {
    return rectangle(c.leftMm(), c.bottomMm(), c.widthMm(), c.heightMm());
  }

  private static Rectangle rectangle(double x, double y, double width, double height) {
    return new Rectangle(x / 1000, y / 1000, width / 1000, height / 1000);
  }

  private static double[] array(List<Double> values) {
    return values.stream().mapToDouble(Double::doubleValue).toArray();
  }
}
