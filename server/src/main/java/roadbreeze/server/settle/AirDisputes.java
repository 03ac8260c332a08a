package roadbreeze.server.settle;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Condition;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.RadiatorPart;
import roadbreeze.server.rig.RigFactory;
import roadbreeze.server.sizing.Assessor;

/** Disputes about coolant and air: fans, thermostat and radiator. */
final class AirDisputes {
  private static final double COLDER = 8;
  private static final double ROW = 20;
  private static final double IDLE_RPM = 750;

  private final Trial trial;
  private final List<FanPart> catalogue;

  AirDisputes(Trial trial, List<FanPart> catalogue) {
    this.trial = trial;
    this.catalogue = catalogue;
  }

  Dispute pusher(Build build) {
    FanPart part = largestElectric(build);
    CoreSize r = RigFactory.radiator(trial.job().vehicle().cooling(), build);
    Build behind = build.withFans(List.of(FittedFan.over(r, part)));
    FittedFan front =
        new FittedFan(
            part,
            FittedFan.Mount.PUSHER,
            false,
            r.leftMm(),
            r.bottomMm(),
            r.widthMm(),
            r.heightMm(),
            100);
    Side puller =
        trial.side("Puller with its shroud", behind).effect("draws through the whole core");
    Side pusher =
        trial
            .side("Pusher in front", build.withFans(List.of(front)))
            .effect("serves its own disc only; stands in the ram air where it is not running")
            .effect("fits where there is no room behind");
    List<Side> sides = List.of(puller, pusher);
    Side best = Side.best(sides, Side::sureCoolant);
    return Dispute.of(
        "Fan in front or behind: " + part.name(),
        sides,
        best,
        text(
            "Behind, with a shroud, the same fan is worth %.1f K more than in front.",
            puller.sureCoolant() - pusher.sureCoolant()),
        "A pusher is right where the fan clears no core behind, or as a helper beside a belt fan at"
            + " standstill.");
  }

  private FanPart largestElectric(Build build) {
    Optional<FanPart> own =
        build.fans().stream()
            .map(FittedFan::part)
            .filter(p -> p.kind() == FanPart.Kind.ELECTRIC)
            .findFirst();
    return own.orElseGet(() -> largest(build, FanPart.Kind.ELECTRIC));
  }

  /** The fan of a kind with the most free-air flow that the core has room for. */
  private FanPart largest(Build build, FanPart.Kind kind) {
    CoreSize r = RigFactory.radiator(trial.job().vehicle().cooling(), build);
    return catalogue.stream()
        .filter(p -> p.kind() == kind)
        .filter(
            p -> p.diameterMm() <= r.heightMm() + 40 && p.diameterMm() * p.count() <= r.widthMm())
        .max(Comparator.comparingDouble(FanPart::freeFlowM3s))
        .orElseThrow(() -> new BadInputException("fan", "the catalogue has no fan for this core"));
  }

  Dispute thermostat(Build build) {
    double start = build.switching().thermostatStartC();
    double full = build.switching().thermostatFullC();
    Side fitted = trial.side(text("As fitted, %.0f °C", start), build);
    Side colder =
        trial.side(
            text("Colder, %.0f °C", start - COLDER),
            build.withSwitching(build.switching().withThermostat(start - COLDER, full - COLDER)));
    for (Side s : List.of(fitted, colder)) {
      if (s.stands()) {
        s.effect("open %.0f %% as the climb settles", s.state.balance().thermostatOpening() * 100);
      }
    }
    Side coldFitted = trial.onAColdMorning(fitted.build);
    Side coldColder = trial.onAColdMorning(colder.build);
    if (coldFitted.stands() && coldColder.stands()) {
      fitted.effect(
          "at %.0f °C the heater has coolant of %.0f °C", Trial.COLD_MORNING, coldFitted.coolant());
      colder.effect(
          "at %.0f °C the heater has coolant of %.0f °C", Trial.COLD_MORNING, coldColder.coolant());
    }
    fitted.effect("starts the climb about %.0f K warmer", COLDER);
    colder.effect("more wear and fuel while warm; emissions rules may forbid it");
    double gain = colder.sureCoolant() - fitted.sureCoolant();
    boolean helps = gain > Side.A_DIFFERENCE;
    return Dispute.of(
        "Thermostat",
        List.of(fitted, colder),
        helps ? colder : fitted,
        helps
            ? text(
                "On this road it never opens wide, so the colder one is worth %.1f K all the way up.",
                gain)
            : text(
                "Once wide open both end at the same: %.1f K between them at the top. The colder one only"
                    + " starts lower.",
                Math.abs(gain)),
        helps
            ? "On a hotter road that opens it wide the gain is gone."
            : "On a climb shorter than the time to settle, a few minutes, starting lower is a real gain.");
  }

  Dispute mainFan(Build build) {
    CoreSize r = RigFactory.radiator(trial.job().vehicle().cooling(), build);
    List<Side> sides = new ArrayList<>();
    String[] names = {"Belt, viscous clutch", "Electric", "Belt, controlled clutch"};
    FanPart.Kind[] kinds = {FanPart.Kind.VISCOUS, FanPart.Kind.ELECTRIC, FanPart.Kind.CONTROLLED};
    for (int i = 0; i < kinds.length; i++) {
      FanPart part = largest(build, kinds[i]);
      Side side =
          trial.side(
              names[i] + ": " + part.name(), build.withFans(List.of(FittedFan.over(r, part))));
      if (side.stands()) {
        Rig rig = Assessor.rig(trial.job(), side.build);
        double standing =
            AirFlow.solve(
                    rig.stack(),
                    Air.at(trial.job().haul().ambientC(), trial.job().haul().altitudeM()),
                    0,
                    atIdle(rig, part),
                    1,
                    1)
                .totalFlow(rig.stack());
        side.effect("moves %.2f m³/s standing at idle", standing);
        side.effect("engine gives %.1f kW here", side.brake());
      }
      side.effect(
          switch (kinds[i]) {
            case VISCOUS -> "slips when worn, no warning; any workshop swaps it";
            case ELECTRIC ->
                "needs alternator, relay and fuse for its current; can be fed directly at the roadside";
            default ->
                "follows the coolant, not the air behind; sensor and wiring can fail, then it runs full or free";
          });
      sides.add(side);
    }
    Side best = Side.best(sides, Side::sureCoolant);
    Side least =
        sides.stream()
            .filter(s -> s.sureCoolant() >= best.sureCoolant() - Side.A_DIFFERENCE)
            .min(Comparator.comparingDouble(s -> Double.isNaN(s.brake()) ? 1e9 : s.brake()))
            .orElse(best);
    return Dispute.of(
        "Main fan, the largest of each kind this core takes",
        sides,
        least,
        least == best
            ? text(
                "It has the most headroom here, by %.1f K over the next.",
                Side.lead(sides, best, Side::sureCoolant))
            : text(
                "It is within %.1f K of the most and asks the least of the engine.",
                best.sureCoolant() - least.sureCoolant()),
        "For long slow work at low engine speed an electric fan's air counts most; where a wire breaks far"
            + " from home, the belt's simplicity does.");
  }

  /** Speed share at idle of each fan of a rig whose main one is a part; electric ones run whole. */
  private static double[] atIdle(Rig rig, FanPart main) {
    double[] share = new double[rig.stack().fans().size()];
    Arrays.fill(share, 1);
    if (main.kind() != FanPart.Kind.ELECTRIC) {
      share[0] = 0.9 * main.pulleyRatio() * IDLE_RPM / main.referenceRpm();
    }
    return share;
  }

  Dispute rows(Build build) {
    CoreSize r = RigFactory.radiator(trial.job().vehicle().cooling(), build);
    Side own = trial.side(text("The same %.0f mm core, more air", r.depthMm()), withMoreAir(build));
    Side deeper =
        trial.side(
            text("A row more, %.0f mm", r.depthMm() + ROW),
            build.withRadiator(like(build, r.depthMm() + ROW, r.metal())));
    Side asIs = trial.side("As it stands", build);
    for (Side s : List.of(asIs, deeper, own)) {
      if (s.stands()) {
        s.effect("air through the face %.2f m³/s", s.state.balance().air().totalFlow());
        s.effect("%s", coolantInTubes(s));
      }
    }
    own.effect("fan pressure and flow up by a tenth each, seals and flaps made good");
    deeper.effect("heavier, and %.0f mm nearer to the fan", ROW);
    List<Side> sides = List.of(asIs, deeper, own);
    Side best = Side.best(List.of(deeper, own), Side::sureCoolant);
    double rowGain = deeper.sureCoolant() - asIs.sureCoolant();
    boolean worth = best.sureCoolant() > asIs.sureCoolant() + Side.A_DIFFERENCE;
    return Dispute.of(
        "Radiator: more rows, or the air it was meant for",
        sides,
        worth ? best : asIs,
        worth
            ? text(
                "More rows %s %.1f K here, more air is worth %.1f K.",
                rowGain < 0 ? "cost" : "are worth",
                Math.abs(rowGain),
                own.sureCoolant() - asIs.sureCoolant())
            : text(
                "Neither is worth more than %.1f K here.",
                Math.max(0, best.sureCoolant() - asIs.sureCoolant())),
        "A deeper core pays where the fan has pressure to spare and the pump flow for more tubes: with a"
            + " weak fan it passes less air, and with little flow its coolant runs laminar.");
  }

  private String coolantInTubes(Side side) {
    Rig rig = Assessor.rig(trial.job(), side.build);
    RadiatorTubes tubes =
        ((LayerRole.Radiator) rig.stack().layers().get(rig.stack().radiator()).role()).tubes();
    Coolant coolant = rig.coolantLoop().coolant();
    double flow = side.state.balance().radiatorFlowKgs();
    double hot = side.coolant();
    return text(
        "coolant at Reynolds %.0f in %d rows of tubes%s",
        tubes.reynolds(flow, coolant, hot),
        tubes.rows(),
        tubes.turbulent(flow, coolant, hot)
            ? ""
            : ": not fully turbulent, so each tube gives less heat");
  }

  private static Build withMoreAir(Build build) {
    return new Build(
            build.kind(),
            build.name(),
            new Condition(
                build.condition().finsBlockedPercent(),
                build.condition().condenserBlockedPercent(),
                Math.min(0.02, build.condition().recirculation()),
                build.condition().bugScreen(),
                build.condition().winch(),
                build.condition().plough(),
                build.condition().lightBar()),
            build.switching(),
            build.radiator(),
            build.oilOrder(),
            build.parallel(),
            build.coolers(),
            build.fans())
        .withFans(build.fans().stream().map(f -> f.withPart(stronger(f.part()))).toList());
  }

  private static FanPart stronger(FanPart p) {
    Double shutoff = p.shutoffPa() != null ? Double.valueOf(p.shutoffPa() * 1.1) : null;
    return new FanPart(
        p.code(),
        p.name(),
        p.kind(),
        p.count(),
        p.diameterMm(),
        p.freeFlowM3s() * 1.1,
        shutoff,
        null,
        null,
        p.volts(),
        p.amps(),
        p.pulleyRatio(),
        p.referenceRpm(),
        p.referenceKw(),
        p.gripsFromC(),
        p.gripsFullyC(),
        p.price());
  }

  /** The build's radiator in another depth or metal, with the tank it has. */
  private RadiatorPart like(Build build, double depth, FinMetal metal) {
    CoreSize r = RigFactory.radiator(trial.job().vehicle().cooling(), build);
    return new RadiatorPart(
        "AS-ASKED",
        "as asked",
        r.widthMm(),
        r.heightMm(),
        depth,
        r.finsPerInch(),
        metal,
        RadiatorPart.Tanks.METAL,
        build.radiator() == null
            ? trial.job().vehicle().gearbox().inTankWattsPerKelvin()
            : build.radiator().inTankWattsPerKelvin(),
        0);
  }

  Dispute metal(Build build) {
    double depth = RigFactory.radiator(trial.job().vehicle().cooling(), build).depthMm();
    Side aluminium =
        trial
            .side("Aluminium", build.withRadiator(like(build, depth, FinMetal.ALUMINIUM)))
            .effect("light; a cracked core or plastic tank is replaced, not mended");
    Side copper =
        trial
            .side("Copper-brass", build.withRadiator(like(build, depth, FinMetal.COPPER)))
            .effect("about twice the weight; soldered in any workshop");
    List<Side> sides = List.of(aluminium, copper);
    Side best = Side.best(sides, Side::sureCoolant);
    double apart = Math.abs(aluminium.sureCoolant() - copper.sureCoolant());
    boolean rough = trial.job().vehicle().rollingCoefficient() > 0.015;
    Side chosen = apart > Side.A_DIFFERENCE ? best : rough ? copper : aluminium;
    return Dispute.of(
        "Radiator metal, the same size and fins",
        sides,
        chosen,
        apart > Side.A_DIFFERENCE
            ? text("They are %.1f K apart on this pack.", apart)
            : text(
                "Only %.1f K apart: %s.",
                apart,
                rough
                    ? "on rough ground the metal that can be mended decides"
                    : "the lighter one decides"),
        rough
            ? "On sealed roads weight and price decide for aluminium with metal tanks."
            : "Far from a dealer, or on rough ground, the metal that can be soldered is right.");
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
