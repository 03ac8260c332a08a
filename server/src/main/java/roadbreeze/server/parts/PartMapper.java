package roadbreeze.server.parts;

import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.ChargeAirUnit;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.RadiatorUnit;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.space.Ears;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.server.message.Units;

/** Parts of the catalogue made the core's. */
public final class PartMapper {
  private PartMapper() {}

  public static OilCooler cooler(CoolerPart p) {
    return new OilCooler(
        OilCooler.Family.valueOf(p.family().name()),
        Units.mm(p.widthMm()),
        Units.mm(p.heightMm()),
        Units.mm(p.depthMm()),
        p.finsPerInch(),
        Units.mm(p.tubePitchMm()),
        p.passes(),
        Units.mm(p.portBoreMm()),
        Units.optional(p.bypassOpensC()),
        p.opensKpa() == null
            ? OptionalDouble.empty()
            : OptionalDouble.of(Units.si(p.opensKpa(), Kind.PRESSURE)));
  }

  /** Where a cooler is hung: as its sheet says, or as such usually are. */
  public static Ears ears(CoolerPart p) {
    Ears usual = Ears.usual(Units.mm(p.widthMm()), Units.mm(p.heightMm()), Units.mm(p.depthMm()));
    return new Ears(
        p.earsAcrossMm() == null ? usual.across() : Units.mm(p.earsAcrossMm()),
        p.earsUpMm() == null ? usual.up() : Units.mm(p.earsUpMm()),
        p.earsBackMm() == null ? usual.back() : Units.mm(p.earsBackMm()),
        usual.thickness(),
        p.earHoleMm() == null ? usual.hole() : Units.mm(p.earHoleMm()));
  }

  /** Where a cooler's ports are: as its sheet says, or out of its ends. */
  public static CoolerPorts ports(CoolerPart p, boolean swapped) {
    return new CoolerPorts(p.portsLook() == null ? CoolerPorts.Look.ASIDE : p.portsLook(), swapped);
  }

  public static ChargeAirUnit chargeAirCooler(ChargeAirPart p) {
    return new ChargeAirUnit(
        Units.mm(p.widthMm()), Units.mm(p.heightMm()), Units.mm(p.depthMm()), p.finsPerInch());
  }

  public static RadiatorUnit radiator(RadiatorPart p) {
    return new RadiatorUnit(
        Units.mm(p.widthMm()),
        Units.mm(p.heightMm()),
        Units.mm(p.depthMm()),
        p.finsPerInch(),
        p.metal(),
        p.tubes() == null ? RadiatorTubes.Surface.usualOf(p.metal()) : p.tubes(),
        Units.optional(p.inTankWattsPerKelvin()));
  }

  /**
   * @throws roadbreeze.core.problem.BadInputException if its measured points cannot be
   */
  public static FanUnit fan(FanPart p) {
    return new FanUnit(
        p.kind(),
        p.count(),
        Units.mm(p.diameterMm()),
        curve(p),
        p.volts() == null || p.amps() == null
            ? OptionalDouble.empty()
            : OptionalDouble.of(p.volts() * p.amps()),
        Units.optional(p.pulleyRatio()),
        Units.optional(p.referenceRpm()),
        p.referenceKw() == null
            ? OptionalDouble.empty()
            : OptionalDouble.of(Units.si(p.referenceKw(), Kind.SHAFT_POWER)),
        Units.optional(p.gripsFromC()),
        Units.optional(p.gripsFullyC()),
        Units.optional(p.clutchLimitRpm()));
  }

  /** The fan's curve from what is known of it: points, two figures, or one. */
  static FanCurve curve(FanPart p) {
    if (p.curveM3s() != null && !p.curveM3s().isEmpty()) {
      List<Double> pressures = p.curvePa() == null ? List.of() : p.curvePa();
      return FanCurve.through(Units.array(p.curveM3s()), Units.array(pressures));
    }
    return p.shutoffPa() == null
        ? FanCurve.fromFreeAirFlow(p.freeFlowM3s())
        : new FanCurve(p.shutoffPa(), p.freeFlowM3s(), false);
  }
}
