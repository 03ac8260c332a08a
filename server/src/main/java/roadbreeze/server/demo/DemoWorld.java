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
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.CoolingData;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.EngineData;
import roadbreeze.server.rig.FanData;
import roadbreeze.server.rig.GearboxData;
import roadbreeze.server.rig.LimitData;
import roadbreeze.server.rig.Trailer;
import roadbreeze.server.rig.Vehicle;
import roadbreeze.server.sizing.BalanceRequest;

/** Rigs of the demo yard and the worked case of the API document. */
public final class DemoWorld {
  private static final double SEALED = 0.02;
  private static final LimitData LIMITS = new LimitData(112, 8, 107, 150, 60);

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
        null);
  }

  /** The published worked case: utility with its cooler on the climb of Long Tallow. */
  public static BalanceRequest workedCase() {
    return new BalanceRequest(
        utility(),
        new Trailer("hive trailer", 3100),
        plan("Plan A", stackedPlate(), 50, 250, 90, 99),
        Road.ALL.get(0).haul());
  }

  /** The jobs that the yard opens with. */
  static List<JobContent> jobs() {
    return List.of(beeKeeper(), tiltTray(), lineCrew());
  }

  private static Build asFound(double fanPercent, double blocked, double recirculation) {
    return new Build(
        Build.Kind.AS_FOUND, "As found", fanPercent, blocked, recirculation, 90, 99, 98, 93,
        Build.OilOrder.AFTER_TANK, null, 50, 250);
  }

  private static Build restored() {
    return new Build(
        Build.Kind.RESTORED, "Restored", 100, 0, SEALED, 90, 99, 104, 100,
        Build.OilOrder.AFTER_TANK, null, 50, 250);
  }

  private static Build plan(
      String name, CoolerPart cooler, double left, double bottom, double start, double full) {
    return new Build(
        Build.Kind.PLAN, name, 100, 0, SEALED, start, full, 104, 100, Build.OilOrder.AFTER_TANK,
        cooler, left, bottom);
  }

  private static Vehicle utility() {
    return new Vehicle(
        "bee-keeper's flat-bed utility",
        2800,
        0.010,
        3.6,
        new EngineData(
            Engine.Kind.PETROL, 5.6, List.of(1000.0, 2000.0, 3000.0, 4000.0, 4600.0, 5400.0),
            List.of(390.0, 490.0, 530.0, 545.0, 525.0, 465.0), null, 1.5, 3.5, 7),
        new GearboxData(
            List.of(3.90, 2.30, 1.50, 1.14, 0.86, 0.68), 3.73, 0.39, 0.97, 0.965, 1.0, 3, 50.4,
            1300, 5000, 490, 2300, 2.0, 10, 34, 7.3, 20, 320.0),
        new CoolingData(
            0.5, 100, 3.0, 800, 560, 120, 0.55,
            new CoreSize(0, 0, 760, 520, 40, 17, FinMetal.ALUMINIUM),
            new CoreSize(30, 40, 700, 440, 16, 18, FinMetal.ALUMINIUM),
            null,
            new FanData(
                FanData.Kind.ELECTRIC, 330.0, 2.4, true, 60, 0, 640, 520, null, null, null, null,
                null)),
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
            asFound(55, 0, SEALED), restored(), plan("Plan A", stackedPlate(), 50, 250, 90, 99)),
        lines(),
        hoses(),
        strips());
  }

  private static JobContent tiltTray() {
    Vehicle truck =
        new Vehicle(
            "tilt-tray recovery truck",
            6200,
            0.010,
            6.2,
            new EngineData(
                Engine.Kind.BOOSTED_DIESEL, 5.2,
                List.of(1000.0, 1400.0, 1800.0, 2200.0, 2600.0, 2900.0),
                List.of(430.0, 540.0, 560.0, 540.0, 490.0, 420.0), 2.3, 2.0, 3.0, 6),
            new GearboxData(
                List.of(3.54, 1.90, 1.35, 1.00, 0.74, 0.62), 4.30, 0.38, 0.97, 0.965, 1.2, 2, 32,
                1200, 2800, 520, 1900, 1.9, 12, 29.5, 5.6, 28, 340.0),
            new CoolingData(
                0.5, 110, 4.2, 900, 640, 140, 0.50,
                new CoreSize(0, 0, 820, 600, 48, 14, FinMetal.ALUMINIUM),
                new CoreSize(60, 60, 640, 400, 18, 16, FinMetal.ALUMINIUM),
                new CoreSize(0, 150, 820, 420, 50, 11, FinMetal.ALUMINIUM),
                new FanData(
                    FanData.Kind.VISCOUS, 640.0, 4.4, true, 90, 0, 640, 600, 1.1, 2600.0, 7.0, 62.0,
                    86.0)),
            LIMITS);
    return new JobContent(
        "Tilt-tray",
        "Carries a van over Saltpan Flats in summer; the gauge creeps up and the air conditioning"
            + " cuts out.",
        truck,
        new Trailer("van on the tray", 2100),
        Road.ALL.get(2).haul(),
        List.of(asFound(70, 25, 0.10), restored()),
        lines(),
        hoses(),
        strips());
  }

  private static JobContent lineCrew() {
    Vehicle truck =
        new Vehicle(
            "line crew's bucket truck",
            5200,
            0.012,
            5.6,
            new EngineData(
                Engine.Kind.DIESEL, 7.2, List.of(900.0, 1300.0, 1700.0, 2100.0, 2500.0, 3000.0),
                List.of(480.0, 600.0, 620.0, 600.0, 560.0, 470.0), null, 1.8, 3.0, 6),
            new GearboxData(
                List.of(3.45, 2.25, 1.50, 1.00, 0.75), 4.10, 0.38, 0.97, 0.965, 1.2, 3, 45, 1100,
                2900, 600, 1900, 2.0, 11, 34, 7.3, 26, 300.0),
            new CoolingData(
                0.5, 100, 4.0, 860, 600, 110, 0.48,
                new CoreSize(0, 0, 800, 560, 44, 14, FinMetal.COPPER),
                new CoreSize(40, 50, 680, 420, 16, 16, FinMetal.ALUMINIUM),
                null,
                new FanData(
                    FanData.Kind.VISCOUS, 520.0, 4.0, true, 80, 0, 640, 560, 1.05, 2500.0, 6.0, 60.0,
                    85.0)),
            LIMITS);
    CoolerPart big =
        new CoolerPart(
            "SP-330-260", "Stacked plate 330×260×38", CoolerPart.Family.STACKED_PLATE, 330, 260, 38,
            13, 10.5, 1, 12.7, "1/2 in barb", null);
    return new JobContent(
        "Bucket truck",
        "Slow up Quarry Stair with the cable drum; burnt smell from the gearbox.",
        truck,
        new Trailer("cable-drum trailer", 1600),
        new Haul("Quarry Stair", 9, 30, 34, 600, true),
        List.of(asFound(80, 15, 0.08), restored(), plan("Plan A", big, 60, 200, 90, 99)),
        lines(),
        hoses(),
        strips());
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
