package roadbreeze.server.intake;

import java.util.List;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LinePlan;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Condition;
import roadbreeze.server.rig.CoolingData;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.EngineData;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.GearboxData;
import roadbreeze.server.rig.LimitData;
import roadbreeze.server.rig.Origin;
import roadbreeze.server.rig.SwitchPoints;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;

/**
 * What a truck of each kind is usually like: where an intake starts before anything is measured.
 */
public final class Intake {
  /** Numbers that the measuring list asks for; all of them start as assumed. */
  static final List<String> ASKED =
      List.of(
          "vehicle.massKg",
          "trailer.massKg",
          "vehicle.rollingCoefficient",
          "vehicle.dragAreaM2",
          "vehicle.engine.displacementLitres",
          "vehicle.engine.accessoryKw",
          "vehicle.engine.condenserKw",
          "vehicle.gearbox.axleRatio",
          "vehicle.gearbox.tyreRadiusM",
          "vehicle.gearbox.oilFlowLpm",
          "vehicle.gearbox.inTankWattsPerKelvin",
          "vehicle.gearbox.caseWattsPerKelvin",
          "vehicle.gearbox.stallTorqueNm",
          "vehicle.cooling.openingWidthMm",
          "vehicle.cooling.openingHeightMm",
          "vehicle.cooling.openingDepthMm",
          "vehicle.cooling.coreGapMm",
          "vehicle.cooling.fanToCoreMm",
          "vehicle.cooling.tipGapMm",
          "vehicle.cooling.glycolShare",
          "vehicle.cooling.capKpa",
          "vehicle.cooling.pumpKgsAt4000",
          "vehicle.cooling.ramCoefficient",
          "vehicle.cooling.radiator.widthMm",
          "vehicle.cooling.radiator.heightMm",
          "vehicle.cooling.radiator.depthMm",
          "vehicle.cooling.radiator.finsPerInch",
          "vehicle.cooling.condenser.widthMm",
          "vehicle.cooling.condenser.heightMm",
          "vehicle.cooling.condenser.depthMm",
          "fan.freeFlowM3s");

  private static final SwitchPoints SWITCHING = new SwitchPoints(90, 99, 104, 100);

  private Intake() {}

  /**
   * A kind of vehicle to start from.
   *
   * @param job ready to be saved as a new one
   */
  public record Start(Vehicle.Kind kind, String label, JobContent job) {}

  static List<Start> starts() {
    return List.of(
        start(
            "Petrol utility or pickup",
            new Vehicle(
                "petrol utility",
                Vehicle.Kind.PETROL_UTILITY,
                2700,
                0.010,
                3.5,
                new EngineData(
                    Engine.Kind.PETROL,
                    5.5,
                    List.of(1000.0, 2000.0, 3000.0, 4000.0, 4800.0, 5400.0),
                    List.of(380.0, 480.0, 520.0, 530.0, 500.0, 455.0),
                    null,
                    1.5,
                    3.5,
                    7),
                gearbox(
                    List.of(3.90, 2.30, 1.50, 1.14, 0.86, 0.68), 3.73, 0.39, 1300, 5000, 480, 2300),
                cooling(780, 540, 120, core(740, 500, 36, 16), core(680, 420, 16, 18), null, 3.0),
                limits()),
            electric(2.1, 300, 620, 500)),
        start(
            "Diesel utility or pickup",
            new Vehicle(
                "diesel utility",
                Vehicle.Kind.DIESEL_UTILITY,
                2900,
                0.010,
                3.5,
                new EngineData(
                    Engine.Kind.BOOSTED_DIESEL,
                    3.0,
                    List.of(1000.0, 1500.0, 2000.0, 3000.0, 3600.0, 4200.0),
                    List.of(280.0, 480.0, 520.0, 480.0, 420.0, 330.0),
                    2.3,
                    1.5,
                    3.0,
                    6.5),
                gearbox(
                    List.of(4.10, 2.40, 1.55, 1.15, 0.86, 0.69), 3.70, 0.39, 1200, 4200, 380, 2000),
                cooling(
                    760,
                    540,
                    110,
                    core(700, 480, 32, 16),
                    core(640, 400, 16, 18),
                    core(680, 200, 40, 12),
                    2.8),
                limits()),
            viscous(500, 2.6, 420, 1.15, 2800, 4.2, 580, 480)),
        start(
            "Medium diesel truck",
            new Vehicle(
                "medium diesel truck",
                Vehicle.Kind.MEDIUM_DIESEL,
                5600,
                0.011,
                5.8,
                new EngineData(
                    Engine.Kind.BOOSTED_DIESEL,
                    5.2,
                    List.of(1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0),
                    List.of(430.0, 540.0, 560.0, 540.0, 490.0, 420.0),
                    2.3,
                    2.0,
                    3.0,
                    6),
                gearbox(
                    List.of(3.54, 1.90, 1.35, 1.00, 0.74, 0.62), 4.30, 0.38, 1200, 2800, 520, 1900),
                cooling(
                    860,
                    620,
                    130,
                    core(760, 560, 44, 13),
                    core(620, 400, 18, 16),
                    core(740, 300, 50, 11),
                    3.6),
                limits()),
            viscous(560, 3.6, 560, 1.1, 2600, 6, 620, 560)),
        start(
            "Plough pickup",
            new Vehicle(
                "plough pickup",
                Vehicle.Kind.PLOUGH_PICKUP,
                3300,
                0.014,
                3.9,
                new EngineData(
                    Engine.Kind.PETROL,
                    6.0,
                    List.of(1000.0, 2000.0, 3000.0, 4000.0, 4800.0, 5400.0),
                    List.of(420.0, 505.0, 540.0, 555.0, 520.0, 475.0),
                    null,
                    1.6,
                    3.5,
                    7),
                gearbox(
                    List.of(4.03, 2.36, 1.53, 1.15, 0.85, 0.67), 4.10, 0.40, 1300, 5000, 510, 2300),
                cooling(800, 540, 130, core(740, 480, 34, 16), core(660, 400, 16, 18), null, 3.0),
                limits()),
            viscous(480, 2.5, 400, 1.2, 3000, 4.4, 600, 480)));
  }

  private static Start start(String label, Vehicle vehicle, FittedFan fan) {
    boolean plough = vehicle.kind() == Vehicle.Kind.PLOUGH_PICKUP;
    Condition condition = new Condition(0, 0, 0.02, false, false, plough, false);
    List<Build> builds =
        List.of(
            build(Build.Kind.AS_FOUND, "As found", condition, fan),
            build(Build.Kind.RESTORED, "Restored", condition, fan));
    return new Start(
        vehicle.kind(),
        label,
        new JobContent(
            "New job",
            "",
            vehicle,
            new Trailer("trailer", 2000),
            Road.ALL.get(0).haul(),
            List.of(),
            ASKED.stream()
                .filter(p -> !p.contains("condenser.") || vehicle.cooling().condenser() != null)
                .map(p -> new Origin(p, Origin.Kind.DEFAULT))
                .toList(),
            null,
            builds,
            new LinePlan(2.4, 9.5, 5, 420, -10, 80),
            List.of(),
            List.of()));
  }

  private static Build build(Build.Kind kind, String name, Condition condition, FittedFan fan) {
    return new Build(
        kind,
        name,
        condition,
        SWITCHING,
        null,
        Build.OilOrder.AFTER_TANK,
        false,
        List.of(),
        List.of(fan));
  }

  private static GearboxData gearbox(
      List<Double> ratios,
      double axle,
      double tyre,
      double lugging,
      double highest,
      double stallNm,
      double stallRpm) {
    return new GearboxData(
        ratios, axle, tyre, 0.97, 0.965, 1.0, 3, 50, lugging, highest, stallNm, stallRpm, 2.0, 10,
        29.5, 5.6, 20, 320.0);
  }

  private static CoolingData cooling(
      double width,
      double height,
      double depth,
      CoreSize radiator,
      CoreSize condenser,
      CoreSize chargeAir,
      double pump) {
    return new CoolingData(
        0.5,
        100,
        pump,
        width,
        height,
        depth,
        0.55,
        12,
        30,
        12,
        radiator,
        centred(condenser, radiator),
        chargeAir == null ? null : centred(chargeAir, radiator),
        false,
        1);
  }

  private static CoreSize core(double width, double height, double depth, double fins) {
    return new CoreSize(0, 0, width, height, depth, fins, FinMetal.ALUMINIUM);
  }

  private static CoreSize centred(CoreSize c, CoreSize in) {
    return new CoreSize(
        (in.widthMm() - c.widthMm()) / 2,
        (in.heightMm() - c.heightMm()) / 2,
        c.widthMm(),
        c.heightMm(),
        c.depthMm(),
        c.finsPerInch(),
        c.metal());
  }

  private static FittedFan electric(double flow, double shutoff, double width, double height) {
    return fitted(
        new FanPart(
            "AS-FITTED",
            "Electric fan, as fitted",
            FanPart.Kind.ELECTRIC,
            1,
            height - 30,
            flow,
            shutoff,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            0),
        width,
        height);
  }

  private static FittedFan viscous(
      double diameter,
      double flow,
      double shutoff,
      double pulley,
      double rpm,
      double kw,
      double width,
      double height) {
    return fitted(
        new FanPart(
            "AS-FITTED",
            "Viscous fan, as fitted",
            FanPart.Kind.VISCOUS,
            1,
            diameter,
            flow,
            shutoff,
            null,
            null,
            null,
            null,
            pulley,
            rpm,
            kw,
            60.0,
            85.0,
            0),
        width,
        height);
  }

  private static FittedFan fitted(FanPart part, double width, double height) {
    return new FittedFan(part, FittedFan.Mount.PULLER, true, 60, 0, width, height, 100);
  }

  private static LimitData limits() {
    return new LimitData(112, 8, 107, 150, 60);
  }
}
