package roadbreeze.server.rig;

import java.util.Optional;
import roadbreeze.core.circuit.Accessories;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.Line;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.rig.Core;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.vehicle.ChargeAir;
import roadbreeze.core.vehicle.Converter;
import roadbreeze.core.vehicle.Driveline;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.core.vehicle.Powertrain;
import roadbreeze.server.message.Units;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseSection;

/** Truck and trailer as people enter them, made the core's: one method for each subsystem. */
public final class TruckMapper {
  private TruckMapper() {}

  /**
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public static Truck truck(RigSection rig, NoseSection nose) {
    Vehicle v = rig.vehicle();
    EngineData e = v.engine();
    return new Truck(
        powertrain(e, v.gearbox()),
        new Truck.Load(v.massKg(), rig.trailer().massKg(), v.rollingCoefficient(), v.dragAreaM2()),
        new Accessories(kW(e.accessoryKw()), kW(e.airConditioningKw()), kW(e.condenserKw())),
        Optional.ofNullable(e.boostRatio())
            .map(ratio -> new ChargeAir(ratio, ChargeAir.USUAL_INTAKE_RISE)),
        coolant(v.cooling()),
        oil(v.gearbox()),
        front(v.cooling(), NoseMapper.nose(nose)),
        cores(v.cooling()),
        rig.otherFansFactor(),
        lines(rig.foundLines()));
  }

  private static Powertrain powertrain(EngineData e, GearboxData g) {
    return new Powertrain(
        new Engine(
            e.kind(),
            Units.si(e.displacementLitres(), Kind.DISPLACEMENT),
            Units.array(e.torqueRpm()),
            Units.array(e.torqueNm()),
            e.idleRpm() == null ? e.kind().idleRpm() : e.idleRpm()),
        new Converter(g.stallTorqueNm(), g.stallRpm(), g.stallTorqueRatio()),
        new Driveline(
            g.gearRatios(),
            g.axleRatio(),
            g.tyreRadiusM(),
            g.meshEfficiency(),
            g.axleEfficiency(),
            kW(g.spinLossKw()),
            g.lockFromGear(),
            Units.si(g.lockAboveKmh(), Kind.SPEED),
            g.luggingRpm(),
            g.highestRpm()));
  }

  private static Truck.CoolantSide coolant(CoolingData c) {
    return new Truck.CoolantSide(
        new Coolant(c.glycolShare()), Units.si(c.capKpa(), Kind.PRESSURE), c.pumpKgsAt4000());
  }

  private static Truck.OilSide oil(GearboxData g) {
    return new Truck.OilSide(
        new TransmissionFluid(g.oilKv40(), g.oilKv100()),
        Units.si(g.oilFlowLpm(), Kind.FLOW),
        g.caseWattsPerKelvin(),
        Units.optional(g.inTankWattsPerKelvin()),
        g.bypass() == null ? Bypass.NONE : g.bypass().toCore());
  }

  /** The opening is centred on the truck's own radiator. */
  private static Truck.FrontEnd front(CoolingData c, Nose nose) {
    CoreSize r = c.radiator();
    return new Truck.FrontEnd(
        rectangle(
            r.leftMm() + (r.widthMm() - c.openingWidthMm()) / 2,
            r.bottomMm() + (r.heightMm() - c.openingHeightMm()) / 2,
            c.openingWidthMm(),
            c.openingHeightMm()),
        Units.mm(c.openingDepthMm()),
        Units.mm(c.coreGapMm()),
        Units.mm(c.fanToCoreMm()),
        Units.mm(c.tipGapMm()),
        c.ramCoefficient(),
        nose,
        c.fanRoom().tips());
  }

  private static Truck.Cores cores(CoolingData c) {
    return new Truck.Cores(
        core(c.radiator()),
        Optional.ofNullable(c.condenser()).map(TruckMapper::core),
        Optional.ofNullable(c.chargeAirCooler()).map(TruckMapper::core),
        c.chargeAirFirst());
  }

  /** A core where it stands. */
  public static Core core(CoreSize c) {
    return new Core(
        rectangle(c.leftMm(), c.bottomMm(), c.widthMm(), c.heightMm()),
        Units.mm(c.depthMm()),
        c.finsPerInch(),
        c.metal(),
        c.tubes() == null ? RadiatorTubes.Surface.usualOf(c.metal()) : c.tubes());
  }

  private static Truck.FoundLines lines(FoundLines l) {
    return new Truck.FoundLines(
        new Line(l.lengthM(), Units.mm(l.boreMm()), l.loss()),
        Units.si(l.pumpMaxKpa(), Kind.PRESSURE),
        l.coldC());
  }

  /** A rectangle of mm, m. */
  public static Rectangle rectangle(double x, double y, double width, double height) {
    return new Rectangle(Units.mm(x), Units.mm(y), Units.mm(width), Units.mm(height));
  }

  private static double kW(double kilowatts) {
    return Units.si(kilowatts, Kind.POWER);
  }
}
