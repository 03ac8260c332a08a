package roadbreeze.server.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
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
  public static final String FAN = "main fan";

  /** Air round the gearbox over ambient, K. */
  private static final double CASE_AIR_RISE = 10;

  /** Intake over ambient after a charge-air cooler in good order, K. */
  private static final double INTAKE_RISE = 20;

  private static final double CORE_TUBE_PITCH = 0.010;
  private static final double FAN_EFFICIENCY = 0.45;
  private static final double CLUTCH_RELEASED = 0.25;
  private static final double CLUTCH_FULL = 0.9;
  private static final double BYPASS_BAND = 12;

  private RigFactory() {}

  /**
   * @param oilFlowShare share of the flow as found that the planned lines leave
   * @throws BadInputException if a part does not fit or a value cannot be
   */
  public static Rig rig(Vehicle vehicle, Trailer trailer, Build build, double oilFlowShare) {
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
            e.accessoryKw() * 1000, e.airConditioningKw() * 1000, e.condenserKw() * 1000),
        Optional.ofNullable(e.boostRatio()).map(ratio -> new ChargeAir(ratio, INTAKE_RISE)),
        new CoolantLoop(
            new Coolant(vehicle.cooling().glycolShare()),
            vehicle.cooling().pumpKgsAt4000(),
            new Thermostat(build.thermostatStartC(), build.thermostatFullC()),
            0),
        new OilLoop(
            oil(g),
            g.oilFlowLpm() / 60e3 * oilFlowShare,
            stages(g, build),
            g.caseWattsPerKelvin(),
            CASE_AIR_RISE),
        stack(vehicle.cooling(), build),
        List.of(new FanSetting(drive(vehicle.cooling().fan()), build.fanSpeedPercent() / 100)));
  }

  public static TransmissionFluid oil(GearboxData g) {
    return new TransmissionFluid(g.oilKv40(), g.oilKv100());
  }

  /** Oil side of the fitted cooler. */
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

  private static List<OilStage> stages(GearboxData g, Build build) {
    List<OilStage> stages = new ArrayList<>();
    if (build.cooler() != null) {
      Double opens = build.cooler().bypassOpensC();
      Bypass bypass = opens == null ? Bypass.NONE : new Bypass(opens - BYPASS_BAND, opens);
      stages.add(OilStage.of(new OilElement.PackCooler(COOLER, bypass)));
    }
    boolean tank =
        g.inTankWattsPerKelvin() != null && build.oilOrder() != Build.OilOrder.TANK_BYPASSED;
    if (tank) {
      OilStage stage = OilStage.of(new OilElement.InTank(g.inTankWattsPerKelvin()));
      stages.add(build.oilOrder() == Build.OilOrder.BEFORE_TANK ? stages.size() : 0, stage);
    }
    return stages;
  }

  private static Stack stack(CoolingData cooling, Build build) {
    List<Layer> layers = new ArrayList<>();
    if (build.cooler() != null) {
      layers.add(cooler(cooling, build));
    }
    if (cooling.condenser() != null) {
      layers.add(layer(CONDENSER, cooling.condenser(), 0, new LayerRole.Condenser()));
    }
    if (cooling.chargeAirCooler() != null) {
      layers.add(
          layer(
              CHARGE_AIR_COOLER, cooling.chargeAirCooler(), 0, new LayerRole.ChargeAirCooler()));
    }
    CoreSize radiator = cooling.radiator();
    layers.add(
        layer(
            RADIATOR,
            radiator,
            build.finsBlockedPercent() / 100,
            new LayerRole.Radiator(
                new RadiatorTubes(
                    radiator.heightMm() / 1000, radiator.depthMm() / 1000, CORE_TUBE_PITCH))));
    return new Stack(
        layers, List.of(fan(cooling.fan())), cooling.ramCoefficient(), build.recirculation());
  }

  private static Layer layer(String name, CoreSize size, double blocked, LayerRole role) {
    return new Layer(
        name,
        rectangle(size.leftMm(), size.bottomMm(), size.widthMm(), size.heightMm()),
        new LouvredFin(size.depthMm() / 1000, size.finsPerInch(), CORE_TUBE_PITCH, size.metal()),
        blocked,
        role);
  }

  private static Layer cooler(CoolingData cooling, Build build) {
    CoolerPart c = build.cooler();
    Rectangle place =
        rectangle(build.coolerLeftMm(), build.coolerBottomMm(), c.widthMm(), c.heightMm());
    requireFits(cooling, c, place);
    return new Layer(
        COOLER,
        place,
        new LouvredFin(
            c.depthMm() / 1000,
            c.finsPerInch(),
            c.tubePitchMm() / 1000,
            FinMetal.ALUMINIUM),
        0,
        new LayerRole.OilCooler(channels(c), 1));
  }

  private static void requireFits(CoolingData cooling, CoolerPart c, Rectangle place) {
    CoreSize r = cooling.radiator();
    Rectangle opening =
        rectangle(
            r.leftMm() + (r.widthMm() - cooling.openingWidthMm()) / 2,
            r.bottomMm() + (r.heightMm() - cooling.openingHeightMm()) / 2,
            cooling.openingWidthMm(),
            cooling.openingHeightMm());
    if (c.depthMm() > cooling.openingDepthMm()) {
      throw new BadInputException(
          "cooler",
          text(
              "%s is %.0f mm deep; the opening has %.0f mm to the pack",
              c.name(), c.depthMm(), cooling.openingDepthMm()));
    }
    if (!opening.encloses(place)) {
      throw new BadInputException(
          "cooler",
          text(
              "%s at %.0f, %.0f mm reaches outside the front opening of %.0f × %.0f mm",
              c.name(),
              place.x() * 1000,
              place.y() * 1000,
              cooling.openingWidthMm(),
              cooling.openingHeightMm()));
    }
  }

  private static Fan fan(FanData f) {
    FanCurve curve =
        f.shutoffPa() == null
            ? FanCurve.fromFreeAirFlow(f.freeFlowM3s())
            : new FanCurve(f.shutoffPa(), f.freeFlowM3s(), false);
    return new Fan(
        FAN,
        curve,
        rectangle(f.shroudLeftMm(), f.shroudBottomMm(), f.shroudWidthMm(), f.shroudHeightMm()),
        f.shrouded() ? Fan.Mount.SHROUDED_PULLER : Fan.Mount.BARE_PULLER);
  }

  private static FanDrive drive(FanData f) {
    if (f.kind() == FanData.Kind.ELECTRIC) {
      return new FanDrive.Electric(1, FAN_EFFICIENCY);
    }
    return new FanDrive.Viscous(
        new FanDrive.Belt(
            required("pulley ratio", f.pulleyRatio()),
            required("fan reference speed", f.referenceRpm()),
            f.referenceRpm(),
            required("fan reference power", f.referenceKw()) * 1000,
            CLUTCH_RELEASED,
            CLUTCH_FULL),
        required("clutch grips from", f.gripsFromC()),
        required("clutch grips fully", f.gripsFullyC()));
  }

  private static double required(String quantity, Double value) {
    if (value == null) {
      throw new BadInputException(quantity, "a viscous fan needs its " + quantity);
    }
    return value;
  }

  private static Rectangle rectangle(double x, double y, double width, double height) {
    return new Rectangle(x / 1000, y / 1000, width / 1000, height / 1000);
  }

  private static double[] array(List<Double> values) {
    return values.stream().mapToDouble(Double::doubleValue).toArray();
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
