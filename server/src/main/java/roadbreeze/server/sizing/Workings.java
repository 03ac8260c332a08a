package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.Build;
import roadbreeze.server.sizing.Working.Input;
import roadbreeze.server.sizing.Working.Step;

/** Opens a number of the strip: the chain from the road to the temperature, with its sources. */
final class Workings {
  /** Numbers that can be opened. */
  enum Quantity {
    COOLANT,
    FEED,
    PAN
  }

  private static final String ENTERED = "entered";
  private static final String DEFAULT = "default";
  private static final String COMPUTED = "computed";

  private final JobContent job;
  private final Build build;
  private final Rig rig;
  private final Headroom headroom;
  private final Balance b;

  Workings(JobContent job, Build build, List<Uncertainty.Doubt> doubts) {
    this.job = job;
    this.build = build;
    rig = Assessor.rig(job, build);
    headroom = Assessor.headroom(job, rig, doubts);
    b = headroom.balance();
  }

  Working of(Quantity quantity) {
    List<Step> steps = new ArrayList<>();
    steps.add(roadLoad());
    steps.add(driveline());
    switch (quantity) {
      case COOLANT -> {
        steps.add(engineHeat());
        steps.add(air());
        steps.add(coolantBalance());
        steps.add(coolantLimit());
      }
      case FEED -> {
        steps.add(oilHeat());
        steps.add(sumpBalance());
        steps.add(feed());
      }
      case PAN -> {
        steps.add(oilHeat());
        steps.add(air());
        steps.add(sumpBalance());
      }
    }
    Margin margin =
        switch (quantity) {
          case COOLANT -> headroom.coolant();
          case FEED -> headroom.feed();
          case PAN -> headroom.pan();
        };
    String title =
        switch (quantity) {
          case COOLANT -> "Coolant at the radiator inlet";
          case FEED -> "Oil leaving for the coolers";
          case PAN -> "Oil in the pan";
        };
    return new Working(
        title + ", " + build.name(),
        text(
            "%.1f °C, limit %.0f °C: headroom %.1f K",
            margin.peak(), margin.limit(), margin.headroom()),
        steps,
        text(
            "Band ±%.1f K (nine in ten), from %s; each taken to both its ends, shares added as"
                + " squares. The limit counts as kept if %.1f °C stays under it.",
            margin.band(), spreads(), margin.nineInTen()));
  }

  private String spreads() {
    List<String> names = new ArrayList<>();
    for (Uncertainty.Source source : Assessor.sources(job)) {
      names.add(text("%s ±%.0f %%", source.name(), source.spread() * 100));
    }
    int assumed = headroom.spread().doubts().size();
    if (assumed > 0) {
      names.add(assumed + " numbers that are only assumed");
    }
    return String.join(", ", names);
  }

  /** Measured, default, or entered if nothing else is said. */
  private String origin(String path) {
    return job.origins().stream()
        .filter(o -> o.path().equals(path))
        .map(o -> o.kind().name().toLowerCase(Locale.ROOT))
        .findFirst()
        .orElse(ENTERED);
  }

  private Step roadLoad() {
    double force =
        rig.load()
            .force(job.haul().gradePercent() / 100, b.driveline().speed(), b.air().density(), 1);
    return new Step(
        "F = m·g·(sin θ + Crr·cos θ) + ½·ρ·CdA·v²;  P = F·v",
        text("%.0f N, %.1f kW at the wheels", force, b.driveline().wheelPower() / 1000),
        List.of(
            in("combined mass", text("%.0f kg", rig.load().mass()), origin("trailer.massKg")),
            in("grade", text("%.1f %%", job.haul().gradePercent()), ENTERED),
            in("speed held", text("%.1f km/h", b.driveline().speed() * 3.6), COMPUTED),
            in(
                "Crr",
                text("%.3f", rig.load().rollingCoefficient()),
                origin("vehicle.rollingCoefficient")),
            in("CdA", text("%.2f m²", rig.load().dragArea()), origin("vehicle.dragAreaM2")),
            in(
                "air density",
                text(
                    "%.4f kg/m³ at %.0f °C, %.0f m",
                    b.air().density(), job.haul().ambientC(), job.haul().altitudeM()),
                COMPUTED)),
        "Gillespie (1992); ISA pressure, ideal gas");
  }

  private Step driveline() {
    return new Step(
        "P_brake = P_wheel/(η_axle·η_mesh) + spin + slip + accessories",
        text("%.1f kW at %.0f rpm", b.heat().brake() / 1000, b.driveline().engineRpm()),
        List.of(
            in(
                "gear",
                b.driveline().gear()
                    + (b.driveline().locked() ? ", converter locked" : ", converter slipping"),
                COMPUTED),
            in("speed ratio", text("%.3f", b.driveline().speedRatio()), COMPUTED),
            in(
                "η mesh, η axle",
                text(
                    "%.3f, %.3f",
                    rig.powertrain().driveline().meshEfficiency(),
                    rig.powertrain().driveline().axleEfficiency()),
                ENTERED),
            in(
                "accessories",
                text(
                    "%.1f kW + %.1f kW air conditioning",
                    job.vehicle().engine().accessoryKw(),
                    job.haul().airConditioning() ? job.vehicle().engine().airConditioningKw() : 0),
                ENTERED)),
        "highest gear under 95 % of the derated full-load torque");
  }

  private Step engineHeat() {
    var kind = rig.powertrain().engine().kind();
    return new Step(
        "Q = κ·(P_brake + fmep·V_d·N/120)/η_i",
        text("%.1f kW to the coolant", b.heat().engineToCoolant() / 1000),
        List.of(
            in("κ", text("%.2f", kind.coolantShare()), DEFAULT),
            in("fmep", text("%.0f kPa", kind.frictionPressure() / 1000), DEFAULT),
            in("η_i", text("%.2f", kind.indicatedEfficiency()), DEFAULT),
            in(
                "displacement",
                text("%.1f L", job.vehicle().engine().displacementLitres()),
                origin("vehicle.engine.displacementLitres"))),
        "Willans line; Heywood (1988), energy balance tables");
  }

  private Step air() {
    return new Step(
        "ram + fan = Σ(f·a/σ + 1)·G²/2ρ + 4·½ρu² in each cell",
        text(
            "%.2f m³/s through the face, %.2f of it by the fan",
            b.airFlow().totalFlow(rig.stack()), b.airFlow().fanFlow()[0]),
        List.of(
            in(
                "ram coefficient",
                text("%.2f", job.vehicle().cooling().ramCoefficient()),
                origin("vehicle.cooling.ramCoefficient")),
            in(
                "left of it by what hangs in front",
                text("%.2f", rig.stack().ramCoefficient()),
                COMPUTED),
            in("fan speed", text("%.0f %%", build.fans().get(0).speedPercent()), ENTERED),
            in(
                "free-air flow",
                text("%.2f m³/s", build.fans().get(0).part().freeFlowM3s()),
                origin("fan.freeFlowM3s")),
            in("recirculated warmth", text("%.2f K", b.inletRise()), COMPUTED)),
        "Chang and Wang (1997); j/f = 0.25, Shah and Sekulić (2003)");
  }

  private Step coolantBalance() {
    return new Step(
        "Q_engine + Q_tank = Σ ε·C_min·(T_coolant − T_air)",
        text("%.1f °C at the radiator inlet", b.coolant()),
        List.of(
            in("engine heat", text("%.2f kW", b.heat().engineToCoolant() / 1000), COMPUTED),
            in("in-tank cooler", text("%.2f kW", b.heat().tank() / 1000), COMPUTED),
            in("radiator", text("%.2f kW", b.heat().radiator() / 1000), COMPUTED),
            in("coolant flow", text("%.2f kg/s", b.radiatorFlow()), COMPUTED),
            in("thermostat open", text("%.0f %%", b.thermostatOpening() * 100), COMPUTED)),
        text(
            "crossflow, both unmixed (Incropera); Gnielinski in the tubes; closes to %.1g W",
            Math.abs(b.heat().coolantResidual())));
  }

  private Step coolantLimit() {
    return new Step(
        "limit = min(entered limit, boiling − distance)",
        text("%.1f °C", headroom.coolant().limit()),
        List.of(
            in("entered limit", text("%.0f °C", job.vehicle().limits().coolantC()), ENTERED),
            in("boiling under the cap", text("%.1f °C", headroom.boilingPoint()), COMPUTED),
            in("distance", text("%.0f K", job.vehicle().limits().belowBoilingK()), ENTERED)),
        "Antoine; ideal mixture, ±2 K");
  }

  private Step oilHeat() {
    return new Step(
        "Q_converter = Tp·ωe·(1 − η);  Q_gearbox = P_turbine − P_wheel/η_axle",
        text(
            "%.2f kW slip, %.2f kW mesh and spin",
            b.heat().converter() / 1000, b.heat().gearbox() / 1000),
        List.of(
            in(
                "stall torque",
                text("%.0f N·m", job.vehicle().gearbox().stallTorqueNm()),
                origin("vehicle.gearbox.stallTorqueNm")),
            in("speed ratio", text("%.3f", b.driveline().speedRatio()), COMPUTED)),
        "C(s) = C0·(1 − s⁴), torque ratio linear to 1 at s = 0.86");
  }

  private Step sumpBalance() {
    return new Step(
        "Q_converter + Q_gearbox = Q_tank + Q_cooler + UA_case·(T_pan − T_air)",
        text("%.1f °C in the pan", b.sump()),
        List.of(
            in("in-tank cooler", text("%.2f kW", b.heat().tank() / 1000), COMPUTED),
            in(
                "fitted cooler",
                text(
                    "%.2f kW",
                    b.heat().coolers().values().stream().mapToDouble(x -> x).sum() / 1000),
                COMPUTED),
            in("gearbox case", text("%.2f kW", b.heat().gearboxCase() / 1000), COMPUTED),
            in("oil flow", text("%.2f L/min", rig.oilLoop().flow() * 60e3), COMPUTED)),
        text(
            "Manglik and Bergles (1995) or laminar entry; closes to %.1g W",
            Math.abs(b.heat().oilResidual())));
  }

  private Step feed() {
    double capacity =
        rig.oilLoop().flow()
            * rig.oilLoop().fluid().density(b.sump())
            * rig.oilLoop().fluid().specificHeat(b.sump());
    return new Step(
        "T_feed = T_pan + Q_converter/(ṁ·cp)",
        text("%.1f °C leaving for the coolers", b.feed()),
        List.of(
            in("pan", text("%.1f °C", b.sump()), COMPUTED),
            in("converter heat", text("%.2f kW", b.heat().converter() / 1000), COMPUTED),
            in("ṁ·cp", text("%.0f W/K", capacity), COMPUTED)),
        "the slip's heat is all in the oil that leaves the converter");
  }

  private static Input in(String name, String value, String origin) {
    return new Input(name, value, origin);
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
