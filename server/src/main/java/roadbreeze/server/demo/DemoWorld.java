package roadbreeze.server.demo;

import java.util.List;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.server.bracket.MountingStrip;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.Hose;
import roadbreeze.server.line.LinePlan;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Condition;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.CoolingData;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.EngineData;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.GearboxData;
import roadbreeze.server.rig.LimitData;
import roadbreeze.server.rig.Obstacle;
import roadbreeze.server.rig.Origin;
import roadbreeze.server.rig.SwitchPoints;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;
import roadbreeze.server.sizing.BalanceRequest;

/** Rigs of the demo yard and the worked case of the API document. */
public final class DemoWorld {
  private static final LimitData LIMITS = new LimitData(112, 8, 107, 150, 60);
  private static final SwitchPoints SET = new SwitchPoints(90, 99, 104, 100);

  private DemoWorld() {}

  /** The cooler of the worked case, which is also in the catalogue. */
  static CoolerPart stackedPlate() {
    return new CoolerPart(
        "SP-280-190",
        "Stacked plate 280×190×32",
        CoolerPart.Family.STACKED_PLATE,
        280,
        190,
        32,
        14,
        10.5,
        1,
        9.5,
        "3/8 in barb",
        null,
        165);
  }

  /** The published worked case: utility with its cooler on the climb of Long Tallow. */
  public static BalanceRequest workedCase() {
    return new BalanceRequest(
        utility(),
        new Trailer("hive trailer", 3100),
        List.of(),
        plan("Plan A", utilityFan(), front(stackedPlate(), 50, 250)),
        Road.ALL.get(0).haul());
  }

  /** The jobs that the yard opens with. */
  static List<JobContent> jobs() {
    return List.of(beeKeeper(), tiltTray(), lineCrew(), snowPlough());
  }

  private static Build asFound(Condition condition, FittedFan fan, double fanPercent) {
    return new Build(
        Build.Kind.AS_FOUND,
        "As found",
        condition,
        new SwitchPoints(90, 99, 98, 93),
        null,
        Build.OilOrder.AFTER_TANK,
        false,
        List.of(),
        List.of(fan.withSpeed(fanPercent)));
  }

  private static Build restored(Condition condition, FittedFan fan) {
    return new Build(
        Build.Kind.RESTORED,
        "Restored",
        condition,
        SET,
        null,
        Build.OilOrder.AFTER_TANK,
        false,
        List.of(),
        List.of(fan));
  }

  private static Build plan(String name, FittedFan fan, FittedCooler cooler) {
    return new Build(
        Build.Kind.PLAN,
        name,
        Condition.CLEAN,
        SET,
        null,
        Build.OilOrder.AFTER_TANK,
        false,
        List.of(cooler),
        List.of(fan));
  }

  /** A cooler in front of the pack, stood off and foamed round. */
  private static FittedCooler front(CoolerPart part, double left, double bottom) {
    return new FittedCooler(part, FittedCooler.Place.FRONT, left, bottom, 20, true, null, 1);
  }

  private static Condition dirty(double blocked, double recirculation) {
    return new Condition(blocked, 0, recirculation, false, false, false, false);
  }

  private static FittedFan shrouded(
      FanPart part, double left, double bottom, double width, double height) {
    return new FittedFan(part, FittedFan.Mount.PULLER, true, left, bottom, width, height, 100);
  }

  private static FanPart viscous(
      String code,
      String name,
      double diameter,
      double flow,
      double shutoff,
      double pulley,
      double rpm,
      double kw,
      double from,
      double full) {
    return new FanPart(
        code,
        name,
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
        from,
        full,
        0);
  }

  private static FittedFan utilityFan() {
    return shrouded(
        new FanPart(
            "AS-FITTED",
            "Electric fan 480, as fitted",
            FanPart.Kind.ELECTRIC,
            1,
            480,
            2.4,
            330.0,
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
        60,
        0,
        640,
        520);
  }

  private static Vehicle utility() {
    return new Vehicle(
        "bee-keeper's flat-bed utility",
        Vehicle.Kind.PETROL_UTILITY,
        2800,
        0.010,
        3.6,
        new EngineData(
            Engine.Kind.PETROL,
            5.6,
            List.of(1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0),
            List.of(390.0, 490.0, 530.0, 545.0, 525.0, 465.0),
            null,
            1.5,
            3.5,
            7),
        new GearboxData(
            List.of(3.90, 2.30, 1.50, 1.14, 0.86, 0.68),
            3.73,
            0.39,
            0.97,
            0.965,
            1.0,
            3,
            50.4,
            1300,
            5000,
            490,
            2300,
            2.0,
            10,
            34,
            7.3,
            20,
            320.0),
        new CoolingData(
            0.5,
            100,
            3.0,
            800,
            560,
            120,
            0.55,
            12,
            30,
            12,
            new CoreSize(0, 0, 760, 520, 40, 17, FinMetal.ALUMINIUM),
            new CoreSize(30, 40, 700, 440, 16, 18, FinMetal.ALUMINIUM),
            null,
            false,
            1),
        LIMITS);
  }

  private static JobContent beeKeeper() {
    return new JobContent(
        "Hive utility",
        "Runs hot on Long Tallow with a full load of hives; the fan sounds weak.",
        utility(),
        new Trailer("hive trailer", 3100),
        Road.ALL.get(0).haul(),
        List.of(
            new Obstacle("latch brace", 370, -20, 34, 560, false, false),
            new Obstacle("horn", 640, 430, 90, 90, false, true)),
        List.of(
            measured("vehicle.cooling.radiator.widthMm"),
            measured("vehicle.cooling.radiator.heightMm"),
            measured("vehicle.cooling.radiator.depthMm"),
            measured("trailer.massKg")),
        null,
        List.of(
            asFound(Condition.CLEAN, utilityFan(), 55),
            restored(Condition.CLEAN, utilityFan()),
            plan("Plan A", utilityFan(), front(stackedPlate(), 50, 250))),
        lines(),
        hoses(),
        strips());
  }

  private static JobContent tiltTray() {
    Vehicle truck =
        new Vehicle(
            "tilt-tray recovery truck",
            Vehicle.Kind.MEDIUM_DIESEL,
            6200,
            0.010,
            6.2,
            new EngineData(
                Engine.Kind.BOOSTED_DIESEL,
                5.2,
                List.of(1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0),
                List.of(430.0, 540.0, 560.0, 540.0, 490.0, 420.0),
                2.3,
                2.0,
                3.0,
                6),
            new GearboxData(
                List.of(3.54, 1.90, 1.35, 1.00, 0.74, 0.62),
                4.30,
                0.38,
                0.97,
                0.965,
                1.2,
                2,
                32,
                1200,
                2800,
                520,
                1900,
                1.9,
                12,
                29.5,
                5.6,
                28,
                340.0),
            new CoolingData(
                0.5,
                110,
                3.6,
                880,
                640,
                140,
                0.50,
                15,
                35,
                15,
                new CoreSize(0, 0, 760, 560, 40, 13, FinMetal.ALUMINIUM),
                new CoreSize(60, 60, 600, 400, 18, 16, FinMetal.ALUMINIUM),
                new CoreSize(0, 40, 760, 480, 56, 11, FinMetal.ALUMINIUM),
                true,
                1),
            LIMITS);
    FittedFan fan =
        shrouded(
            viscous("AS-FITTED", "Viscous fan 560, as fitted", 560, 3.6, 560, 1.1, 2600, 6, 62, 86),
            70,
            0,
            620,
            560);
    return new JobContent(
        "Tilt-tray",
        "Carries a van over Long Tallow in summer; the gauge creeps up and the air conditioning"
            + " cuts out.",
        truck,
        new Trailer("van on the tray", 2100),
        new Haul("Long Tallow", 5.5, 60, 40, 600, true),
        List.of(new Obstacle("bonnet latch", 350, 520, 80, 70, false, false)),
        List.of(
            assumed("vehicle.cooling.pumpKgsAt4000"),
            assumed("vehicle.gearbox.oilFlowLpm"),
            assumed("vehicle.gearbox.inTankWattsPerKelvin")),
        null,
        List.of(asFound(dirty(20, 0.10), fan, 75), restored(Condition.CLEAN, fan)),
        lines(),
        hoses(),
        strips());
  }

  private static JobContent lineCrew() {
    Vehicle truck =
        new Vehicle(
            "line crew's bucket truck",
            Vehicle.Kind.MEDIUM_DIESEL,
            5200,
            0.020,
            5.6,
            new EngineData(
                Engine.Kind.DIESEL,
                7.2,
                List.of(900.0, 1300.0, 1700.0, 2100.0, 2500.0, 3000.0),
                List.of(480.0, 600.0, 620.0, 600.0, 560.0, 470.0),
                null,
                1.8,
                3.0,
                6),
            new GearboxData(
                List.of(3.45, 2.25, 1.50, 1.00, 0.75),
                4.10,
                0.38,
                0.97,
                0.965,
                1.2,
                3,
                45,
                1100,
                2900,
                600,
                1900,
                2.0,
                11,
                34,
                7.3,
                26,
                300.0),
            new CoolingData(
                0.5,
                100,
                4.0,
                860,
                600,
                110,
                0.48,
                12,
                32,
                14,
                new CoreSize(0, 0, 800, 560, 44, 14, FinMetal.COPPER),
                new CoreSize(40, 50, 680, 420, 16, 16, FinMetal.ALUMINIUM),
                null,
                false,
                1),
            LIMITS);
    FittedFan fan =
        shrouded(
            viscous(
                "AS-FITTED", "Viscous fan 600, as fitted", 600, 4.0, 520, 1.05, 2500, 6, 60, 85),
            80,
            0,
            640,
            560);
    CoolerPart big =
        new CoolerPart(
            "SP-330-260",
            "Stacked plate 330×260×38",
            CoolerPart.Family.STACKED_PLATE,
            330,
            260,
            38,
            13,
            10.5,
            1,
            12.7,
            "1/2 in barb",
            null,
            245);
    return new JobContent(
        "Bucket truck",
        "Slow up the gravel of Quarry Stair with the cable drum; burnt smell from the gearbox.",
        truck,
        new Trailer("cable-drum trailer", 1600),
        new Haul("Quarry Stair", 8, 28, 34, 600, true),
        List.of(new Obstacle("tow hook plate", 380, -20, 60, 60, false, false)),
        List.of(
            assumed("vehicle.gearbox.oilFlowLpm"),
            assumed("vehicle.cooling.radiator.finsPerInch"),
            assumed("vehicle.rollingCoefficient"),
            assumed("vehicle.cooling.pumpKgsAt4000")),
        null,
        List.of(
            asFound(dirty(15, 0.08), fan, 80),
            restored(Condition.CLEAN, fan),
            plan("Plan A", fan, front(big, 60, 200))),
        lines(),
        hoses(),
        strips());
  }

  private static JobContent snowPlough() {
    Vehicle truck =
        new Vehicle(
            "yard snow-plough pickup",
            Vehicle.Kind.PLOUGH_PICKUP,
            3300,
            0.014,
            3.9,
            new EngineData(
                Engine.Kind.PETROL,
                6.2,
                List.of(1000.0, 2000.0, 3000.0, 4000.0, 4800.0, 5400.0),
                List.of(430.0, 520.0, 560.0, 575.0, 540.0, 490.0),
                null,
                1.6,
                3.5,
                7),
            new GearboxData(
                List.of(4.03, 2.36, 1.53, 1.15, 0.85, 0.67),
                4.10,
                0.40,
                0.97,
                0.965,
                1.0,
                3,
                50,
                1300,
                5000,
                520,
                2300,
                2.0,
                10,
                29.5,
                5.6,
                20,
                320.0),
            new CoolingData(
                0.55,
                110,
                3.1,
                820,
                540,
                130,
                0.55,
                12,
                28,
                12,
                new CoreSize(0, 0, 740, 480, 32, 16, FinMetal.ALUMINIUM),
                new CoreSize(30, 40, 660, 400, 16, 18, FinMetal.ALUMINIUM),
                null,
                false,
                1),
            LIMITS);
    FittedFan fan =
        shrouded(
            viscous(
                "AS-FITTED", "Viscous fan 480, as fitted", 480, 2.6, 420, 1.2, 3000, 4.5, 60, 84),
            70,
            0,
            600,
            480);
    Condition plough = new Condition(0, 0, 0.04, false, false, true, true);
    Condition caked = new Condition(25, 20, 0.10, false, false, true, true);
    return new JobContent(
        "Plough pickup",
        "Pulls the salt trailer between yards with the plough up; overheats on the mild days.",
        truck,
        new Trailer("salt trailer", 1900),
        new Haul("Lantern Cutting", 5, 80, 14, 900, false),
        List.of(new Obstacle("plough mount", 300, -30, 140, 70, true, false)),
        List.of(
            assumed("vehicle.cooling.radiator.depthMm"),
            assumed("vehicle.cooling.radiator.finsPerInch"),
            assumed("fan.freeFlowM3s"),
            assumed("trailer.massKg"),
            assumed("vehicle.cooling.pumpKgsAt4000")),
        null,
        List.of(asFound(caked, fan, 90), restored(plough, fan)),
        lines(),
        hoses(),
        strips());
  }

  private static Origin measured(String path) {
    return new Origin(path, Origin.Kind.MEASURED);
  }

  private static Origin assumed(String path) {
    return new Origin(path, Origin.Kind.DEFAULT);
  }

  private static LinePlan lines() {
    return new LinePlan(2.4, 9.5, 5, 420, -10, 80);
  }

  private static List<Hose> hoses() {
    return List.of(
        new Hose("tank outlet to cooler", 0.9, 9.5, 1, 2),
        new Hose("cooler to gearbox return", 1.1, 9.5, 1, 2));
  }

  private static List<MountingStrip> strips() {
    return List.of(
        new MountingStrip("upper strip", 1, 3.2, 25, 3.2, 60, 20, 45, 240, 25, 90),
        new MountingStrip("lower strip", 1, 3.2, 25, 3.2, 60, 12, 30, 240, 25, 90));
  }
}
