package roadbreeze.server.settle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.server.haul.Haul;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.parts.PartsService;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Condition;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.rig.FittedFan;
import roadbreeze.server.rig.RadiatorPart;
import roadbreeze.server.rig.RigFactory;
import roadbreeze.server.sizing.Assessor;
import roadbreeze.server.sizing.BuildRequest;

/** Runs both schools of each dispute on one build and says which is right here, and why. */
@Service
public class SettleService {
  /** Differences smaller than this are within what nobody would notice, K. */
  private static final double A_DIFFERENCE = 1.0;

  /** A cold morning for the side effects, °C, and the level road it is driven on. */
  private static final double COLD_MORNING = -15;

  private static final double OVERCOOLED_MARGIN = 5;
  private static final double COLDER = 8;
  private static final double ROW = 20;
  private static final double OWN_FAN_M3S = 0.35;
  private static final double OPEN_GAP = 25;
  private static final double FAIR_COLD_FLOW = 0.30;

  /** Drop of a spin-on filter at 10 L/min and 10 mm²/s, kPa; grows with flow and viscosity. */
  private static final double FILTER_DROP = 6;

  private final Assessor assessor;
  private final PartsService parts;

  SettleService(Assessor assessor, PartsService parts) {
    this.assessor = assessor;
    this.parts = parts;
  }

  /** Every dispute of sizing, on one build of a job. */
  public List<Dispute> all(BuildRequest request) {
    JobContent job = request.job();
    if (request.build() >= job.builds().size()) {
      throw new BadInputException("build", "this job has no build " + request.build());
    }
    Build build = job.builds().get(request.build());
    Build cooled = build.coolers().isEmpty() ? withUsualCooler(job, build) : build;
    return List.of(
        inTank(job, cooled),
        placement(job, cooled),
        pusher(job, build),
        thermostat(job, build),
        mainFan(job, build),
        rows(job, build),
        metal(job, build),
        coreType(job, cooled),
        filter(job, cooled));
  }

  /** Where no cooler is fitted the disputes about one are run with a middling one. */
  private Build withUsualCooler(JobContent job, Build build) {
    double depth = job.vehicle().cooling().openingDepthMm() - 20;
    List<CoolerPart> fitting =
        parts.oilCoolers().stream()
            .filter(p -> p.family() == CoolerPart.Family.STACKED_PLATE)
            .filter(p -> p.bypassOpensC() == null && p.depthMm() <= depth)
            .filter(p -> p.widthMm() <= job.vehicle().cooling().openingWidthMm())
            .sorted(Comparator.comparingDouble(p -> p.widthMm() * p.heightMm()))
            .toList();
    if (fitting.isEmpty()) {
      throw new BadInputException(
          "openingDepthMm", "no cooler of the catalogue goes in this opening");
    }
    CoolerPart middling = fitting.get(fitting.size() / 2);
    return build.withCoolers(
        List.of(new FittedCooler(middling, FittedCooler.Place.FRONT, 20, 200, 20, true, null, 1)));
  }

  private Side side(JobContent job, String name, Build build) {
    return new Side(assessor, job, name, build);
  }

  private static Dispute dispute(
      String question, List<Side> sides, Side recommended, String reason, String otherwise) {
    return new Dispute(
        question,
        sides.stream().map(Side::school).toList(),
        recommended == null ? null : sides.indexOf(recommended),
        reason,
        otherwise);
  }

  private static Side best(List<Side> sides, ToDoubleFunction<Side> worth) {
    return sides.stream().max(Comparator.comparingDouble(worth)).orElseThrow();
  }

  private static JobContent onAColdMorning(JobContent job) {
    return job.withHaul(
        new Haul("cold morning", 0, 60, COLD_MORNING, job.haul().altitudeM(), false));
  }

  private Dispute inTank(JobContent job, Build build) {
    JobContent cold = onAColdMorning(job);
    double least = job.vehicle().limits().overcooledPanC();
    List<Side> sides = new ArrayList<>();
    List<Side> mornings = new ArrayList<>();
    for (Build.OilOrder order : Build.OilOrder.values()) {
      Build b = build.withOilOrder(order);
      Side morning = side(cold, "", b);
      Side side =
          side(
              job,
              switch (order) {
                case AFTER_TANK -> "Keep it, auxiliary after it";
                case BEFORE_TANK -> "Keep it, auxiliary before it";
                case TANK_BYPASSED -> "Bypass it";
              },
              b);
      if (morning.stands()) {
        side.effect(
            "at %.0f °C on the level the pan settles at %.0f °C%s",
            COLD_MORNING, morning.pan(), morning.pan() < least ? ": too cold for the gearbox" : "");
      }
      side.effect(
          order == Build.OilOrder.TANK_BYPASSED
              ? "a leak in the tank cannot mix coolant and oil"
              : "a leak in the tank mixes coolant and oil and ends the gearbox");
      if (side.stands()) {
        double tank = side.state.balance().heat().tank();
        side.effect(
            tank >= 0 ? "the tank takes %.1f kW from the oil" : "the tank heats the oil by %.1f kW",
            Math.abs(tank));
      }
      sides.add(side);
      mornings.add(morning);
    }
    Side best = best(sides, Side::sure);
    Side bypassed = sides.get(2);
    // The first that stays warm on a cold morning and gives up no headroom worth naming.
    Side warm =
        Stream.of(0, 1, 2)
            .filter(i -> mornings.get(i).stands() && mornings.get(i).pan() >= least)
            .map(sides::get)
            .filter(s -> s.sure() >= best.sure() - A_DIFFERENCE)
            .findFirst()
            .orElse(null);
    String reason;
    Side chosen;
    if (warm != null) {
      chosen = warm;
      reason =
          text(
              "It keeps the oil warm on a cold morning and is within %.1f K of the most headroom here.",
              best.sure() - warm.sure());
    } else if (best == bypassed && best.sure() > sides.get(0).sure() + A_DIFFERENCE) {
      chosen = best;
      reason =
          text(
              "Here the tank costs %.1f K of headroom. Bypassed, the oil needs a cooler with a thermal"
                  + " bypass for cold mornings.",
              best.sure() - sides.get(0).sure());
    } else {
      chosen =
          sides.stream()
              .filter(s -> s.sure() >= best.sure() - A_DIFFERENCE)
              .findFirst()
              .orElseThrow();
      reason =
          text(
              "It is within %.1f K of the most headroom here. No order keeps the pan warm at %.0f °C: take"
                  + " a cooler with a thermal bypass if it gets that cold.",
              best.sure() - chosen.sure(), COLD_MORNING);
    }
    return dispute(
        "The oil cooler inside the radiator",
        sides,
        chosen,
        reason,
        "Where winters are mild, or the radiator is old and its tank not to be trusted, bypassing is"
            + " right; where the coolant has headroom to spare and the oil has not, before.");
  }

  /** How far the best stands before the next, K. */
  private static double lead(List<Side> sides, Side best, ToDoubleFunction<Side> worth) {
    double next = sides.stream().filter(s -> s != best).mapToDouble(worth).max().orElseThrow();
    return worth.applyAsDouble(best) - next;
  }

  private Dispute placement(JobContent job, Build build) {
    FittedCooler first = build.coolers().get(0);
    Side tight =
        side(job, "Tight, foamed to the core behind", withFirst(build, first.withGap(10, true)))
            .effect("all air of the cooler goes on through the radiator");
    Side gap =
        side(
                job,
                text("Open gap of %.0f mm", OPEN_GAP),
                withFirst(build, first.withGap(OPEN_GAP, false)))
            .effect("air gets round the cooler: it cools less and costs the radiator less");
    Side elsewhere =
        side(
                job,
                "Elsewhere with its own fan",
                withFirst(
                    build, first.at(FittedCooler.Place.ELSEWHERE, 0, 0).withOwnFan(OWN_FAN_M3S)))
            .effect(
                "reached by mud and stones; %.2f m³/s of its own fan counted, no ram air",
                OWN_FAN_M3S)
            .effect("a fan more to fail, wire and hear");
    List<Side> sides = List.of(tight, gap, elsewhere);
    for (Side s : sides) {
      if (s.stands()) {
        s.effect("air through the face %.2f m³/s", s.state.balance().air().totalFlow());
      }
    }
    Side best = best(sides, Side::sure);
    boolean apart = lead(sides, best, Side::sure) > A_DIFFERENCE;
    Side chosen = apart ? best : tight;
    return dispute(
        "Against the condenser or apart",
        sides,
        chosen,
        apart
            ? text(
                "It has %.1f K more headroom than the next on this road.",
                lead(sides, best, Side::sure))
            : text(
                "Within %.1f K they are alike here, and tight is the simplest that does not chafe: stood off"
                    + " on brackets, foam round the rim, never strapped to the fins.",
                Math.max(0, best.sure() - tight.sure())),
        "Where the radiator is starved of air, an open gap or another place is right; where the oil is,"
            + " tight is.");
  }

  private static Build withFirst(Build build, FittedCooler cooler) {
    List<FittedCooler> coolers = new ArrayList<>(build.coolers());
    coolers.set(0, cooler);
    return build.withCoolers(coolers);
  }

  private Dispute pusher(JobContent job, Build build) {
    FanPart part = largestElectric(job, build);
    CoreSize r = RigFactory.radiator(job.vehicle().cooling(), build);
    Build behind = build.withFans(List.of(overCore(part, r)));
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
        side(job, "Puller with its shroud", behind).effect("draws through the whole core");
    Side pusher =
        side(job, "Pusher in front", build.withFans(List.of(front)))
            .effect("serves its own disc only; stands in the ram air where it is not running")
            .effect("fits where there is no room behind");
    List<Side> sides = List.of(puller, pusher);
    Side best = best(sides, Side::sureCoolant);
    return dispute(
        "Fan in front or behind: " + part.name(),
        sides,
        best,
        text(
            "Behind, with a shroud, the same fan is worth %.1f K more than in front.",
            puller.sureCoolant() - pusher.sureCoolant()),
        "A pusher is right where the fan clears no core behind, or as a helper beside a belt fan at"
            + " standstill.");
  }

  private FanPart largestElectric(JobContent job, Build build) {
    Optional<FanPart> own =
        build.fans().stream()
            .map(FittedFan::part)
            .filter(p -> p.kind() == FanPart.Kind.ELECTRIC)
            .findFirst();
    return own.orElseGet(() -> largest(job, build, FanPart.Kind.ELECTRIC));
  }

  /** The fan of a kind with the most free-air flow that the core has room for. */
  private FanPart largest(JobContent job, Build build, FanPart.Kind kind) {
    CoreSize r = RigFactory.radiator(job.vehicle().cooling(), build);
    return parts.fans().stream()
        .filter(p -> p.kind() == kind)
        .filter(
            p -> p.diameterMm() <= r.heightMm() + 40 && p.diameterMm() * p.count() <= r.widthMm())
        .max(Comparator.comparingDouble(FanPart::freeFlowM3s))
        .orElseThrow(() -> new BadInputException("fan", "the catalogue has no fan for this core"));
  }

  private static FittedFan overCore(FanPart part, CoreSize r) {
    return new FittedFan(
        part,
        FittedFan.Mount.PULLER,
        true,
        r.leftMm(),
        r.bottomMm(),
        r.widthMm(),
        r.heightMm(),
        100);
  }

  private Dispute thermostat(JobContent job, Build build) {
    double start = build.switching().thermostatStartC();
    double full = build.switching().thermostatFullC();
    Side fitted = side(job, text("As fitted, %.0f °C", start), build);
    Side colder =
        side(
            job,
            text("Colder, %.0f °C", start - COLDER),
            build.withSwitching(build.switching().withThermostat(start - COLDER, full - COLDER)));
    for (Side s : List.of(fitted, colder)) {
      if (s.stands()) {
        s.effect("open %.0f %% as the climb settles", s.state.balance().thermostatOpening() * 100);
      }
    }
    JobContent cold = onAColdMorning(job);
    Side coldFitted = side(cold, "", fitted.build);
    Side coldColder = side(cold, "", colder.build);
    if (coldFitted.stands() && coldColder.stands()) {
      fitted.effect(
          "at %.0f °C the heater has coolant of %.0f °C", COLD_MORNING, coldFitted.coolant());
      colder.effect(
          "at %.0f °C the heater has coolant of %.0f °C", COLD_MORNING, coldColder.coolant());
    }
    fitted.effect("starts the climb about %.0f K warmer", COLDER);
    colder.effect("more wear and fuel while warm; emissions rules may forbid it");
    double gain = colder.sureCoolant() - fitted.sureCoolant();
    boolean helps = gain > A_DIFFERENCE;
    return dispute(
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

  private Dispute mainFan(JobContent job, Build build) {
    CoreSize r = RigFactory.radiator(job.vehicle().cooling(), build);
    List<Side> sides = new ArrayList<>();
    String[] names = {"Belt, viscous clutch", "Electric", "Belt, controlled clutch"};
    FanPart.Kind[] kinds = {FanPart.Kind.VISCOUS, FanPart.Kind.ELECTRIC, FanPart.Kind.CONTROLLED};
    for (int i = 0; i < kinds.length; i++) {
      FanPart part = largest(job, build, kinds[i]);
      Side side =
          side(job, names[i] + ": " + part.name(), build.withFans(List.of(overCore(part, r))));
      if (side.stands()) {
        Rig rig = Assessor.rig(job, side.build);
        double standing =
            AirFlow.solve(
                    rig.stack(),
                    Air.at(job.haul().ambientC(), job.haul().altitudeM()),
                    0,
                    idle(part),
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
    Side best = best(sides, Side::sureCoolant);
    Side least =
        sides.stream()
            .filter(s -> s.sureCoolant() >= best.sureCoolant() - A_DIFFERENCE)
            .min(Comparator.comparingDouble(s -> Double.isNaN(s.brake()) ? 1e9 : s.brake()))
            .orElse(best);
    return dispute(
        "Main fan, the largest of each kind this core takes",
        sides,
        least,
        least == best
            ? text(
                "It has the most headroom here, by %.1f K over the next.",
                lead(sides, best, Side::sureCoolant))
            : text(
                "It is within %.1f K of the most and asks the least of the engine.",
                best.sureCoolant() - least.sureCoolant()),
        "For long slow work at low engine speed an electric fan's air counts most; where a wire breaks far"
            + " from home, the belt's simplicity does.");
  }

  /** Speed share at idle of a fan on the engine, whole for an electric one. */
  private static double[] idle(FanPart part) {
    double idleRpm = 750;
    return new double[] {
      part.kind() == FanPart.Kind.ELECTRIC
          ? 1
          : 0.9 * part.pulleyRatio() * idleRpm / part.referenceRpm()
    };
  }

  private Dispute rows(JobContent job, Build build) {
    CoreSize r = RigFactory.radiator(job.vehicle().cooling(), build);
    Double inTank = job.vehicle().gearbox().inTankWattsPerKelvin();
    Side own =
        side(
            job,
            text("The maker's %.0f mm core and %s air", r.depthMm(), "more"),
            withMoreAir(build));
    Side deeper =
        side(
            job,
            text("A row more, %.0f mm", r.depthMm() + ROW),
            build.withRadiator(like(r, r.depthMm() + ROW, r.finsPerInch(), r.metal(), inTank)));
    Side asIs = side(job, "As it stands", build);
    for (Side s : List.of(asIs, deeper, own)) {
      if (s.stands()) {
        s.effect("air through the face %.2f m³/s", s.state.balance().air().totalFlow());
      }
    }
    own.effect("fan pressure and flow up by a tenth each, seals and flaps made good");
    deeper.effect("heavier, and %.0f mm nearer to the fan", ROW);
    List<Side> sides = List.of(asIs, deeper, own);
    Side best = best(List.of(deeper, own), Side::sureCoolant);
    boolean worth = best.sureCoolant() > asIs.sureCoolant() + A_DIFFERENCE;
    return dispute(
        "Radiator: more rows, or the air it was meant for",
        sides,
        worth ? best : asIs,
        worth
            ? text(
                "More rows are worth %.1f K here, more air %.1f K.",
                deeper.sureCoolant() - asIs.sureCoolant(), own.sureCoolant() - asIs.sureCoolant())
            : text(
                "Neither is worth more than %.1f K here.",
                Math.max(0, best.sureCoolant() - asIs.sureCoolant())),
        "A deeper core pays where the fan has pressure to spare; with a weak fan it passes less air and"
            + " gains little.");
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

  private static RadiatorPart like(
      CoreSize r, double depth, double fins, FinMetal metal, Double inTank) {
    return new RadiatorPart(
        "AS-ASKED",
        "as asked",
        r.widthMm(),
        r.heightMm(),
        depth,
        fins,
        metal,
        RadiatorPart.Tanks.METAL,
        inTank,
        0);
  }

  private Dispute metal(JobContent job, Build build) {
    CoreSize r = RigFactory.radiator(job.vehicle().cooling(), build);
    Double inTank =
        build.radiator() == null
            ? job.vehicle().gearbox().inTankWattsPerKelvin()
            : build.radiator().inTankWattsPerKelvin();
    Side aluminium =
        side(
                job,
                "Aluminium",
                build.withRadiator(
                    like(r, r.depthMm(), r.finsPerInch(), FinMetal.ALUMINIUM, inTank)))
            .effect("light; a cracked core or plastic tank is replaced, not mended");
    Side copper =
        side(
                job,
                "Copper-brass",
                build.withRadiator(like(r, r.depthMm(), r.finsPerInch(), FinMetal.COPPER, inTank)))
            .effect("about twice the weight; soldered in any workshop");
    List<Side> sides = List.of(aluminium, copper);
    Side best = best(sides, Side::sureCoolant);
    double apart = Math.abs(aluminium.sureCoolant() - copper.sureCoolant());
    boolean rough = job.vehicle().rollingCoefficient() > 0.015;
    Side chosen = apart > A_DIFFERENCE ? best : rough ? copper : aluminium;
    return dispute(
        "Radiator metal, the same size and fins",
        sides,
        chosen,
        apart > A_DIFFERENCE
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

  private Dispute coreType(JobContent job, Build build) {
    FittedCooler first = build.coolers().get(0);
    CoolerPart p = first.part();
    List<Side> sides = new ArrayList<>();
    List<Double> coldFlow = new ArrayList<>();
    for (CoolerPart.Family family : CoolerPart.Family.values()) {
      CoolerPart part =
          new CoolerPart(
              p.code(),
              p.name(),
              family,
              p.widthMm(),
              p.heightMm(),
              p.depthMm(),
              family == CoolerPart.Family.TUBE_AND_FIN
                  ? Math.min(11, p.finsPerInch())
                  : p.finsPerInch(),
              p.tubePitchMm(),
              family == CoolerPart.Family.TUBE_AND_FIN ? 4 : 1,
              p.portBoreMm(),
              p.ports(),
              null,
              p.price());
      Build b = withFirst(build, first.withPart(part));
      Side side =
          side(
              job,
              switch (family) {
                case TUBE_AND_FIN -> "Tube-and-fin, 4 passes";
                case PLATE_FIN -> "Plate-fin";
                case STACKED_PLATE -> "Stacked plate";
              },
              b);
      LineResult lines = Assessor.lines(job, b);
      coldFlow.add(lines.cold().flowShare());
      side.effect(
          "core drops %.1f kPa hot; %.0f %% of the flow left at %.0f °C",
          lines.hot().coolerDropKpa(), lines.cold().flowShare() * 100, lines.cold().oilC());
      sides.add(side);
    }
    Side best = best(sides, Side::sure);
    Side plain = sides.get(0);
    boolean starves = coldFlow.get(sides.indexOf(best)) < FAIR_COLD_FLOW;
    boolean alike = best.sure() - plain.sure() < A_DIFFERENCE;
    Side chosen = alike || starves ? plain : best;
    return dispute(
        "Core type, the same outline",
        sides,
        chosen,
        starves
            ? text(
                "The turbulated cores starve the gearbox on a cold morning; without a bypass the free-flowing"
                    + " core is right, though it holds %.1f K less.",
                best.sure() - plain.sure())
            : alike
                ? text(
                    "The limit that binds here moves by %.1f K only: take the free-flowing one.",
                    best.sure() - plain.sure())
                : text(
                    "For the same outline it is worth %.1f K over tube-and-fin.",
                    best.sure() - plain.sure()),
        "In a cold climate without a bypass the plain tube wins; where the opening is small, plates do.");
  }

  private Dispute filter(JobContent job, Build build) {
    TransmissionFluid oil = RigFactory.oil(job.vehicle().gearbox());
    Side before = side(job, "Before the cooler", build);
    Side after = side(job, "After the cooler", build);
    double flow = job.vehicle().gearbox().oilFlowLpm();
    double coldOil = job.linePlan().coldC();
    double dropBefore = Double.NaN;
    double dropAfter = Double.NaN;
    if (before.stands()) {
      double feed = before.state.feed().peakC();
      double back = returning(before, oil, flow);
      dropBefore = filterDrop(oil, flow, feed);
      dropAfter = filterDrop(oil, flow, back);
      before.effect("sees oil of %.0f °C: %.1f kPa", feed, dropBefore);
      after.effect("sees oil of %.0f °C: %.1f kPa", back, dropAfter);
    }
    double cold = filterDrop(oil, flow * 0.4, coldOil);
    before.effect(
        "at %.0f °C and two fifths of the flow it asks %.0f kPa; a filter's own bypass opens",
        coldOil, cold);
    after.effect("the same on a cold start, and the cooler's cold oil keeps it so for longer");
    before.effect("keeps the cooler clean");
    after.effect("catches what an old cooler still sheds before the gearbox gets it");
    boolean used = build.coolers().get(0).part().code().startsWith("AS-");
    boolean heavy = dropAfter - dropBefore > 5;
    Side chosen = used || !heavy ? after : before;
    return dispute(
        "Filter before or after the cooler",
        List.of(before, after),
        chosen,
        chosen == after
            ? text(
                "The colder oil costs it %.1f kPa more, which this pump spares; behind the cooler it catches"
                    + " everything before the gearbox.",
                Double.isNaN(dropAfter) ? 0 : dropAfter - dropBefore)
            : text(
                "Behind the cooler the oil is so thick that it costs %.1f kPa more.",
                dropAfter - dropBefore),
        "With a new cooler and a gearbox that has shed metal, before keeps the cooler from filling up.");
  }

  /** Temperature of the oil on its way back, °C. */
  private static double returning(Side side, TransmissionFluid oil, double flowLpm) {
    double feed = side.state.feed().peakC();
    double capacity = flowLpm / 60e3 * oil.density(feed) * oil.specificHeat(feed);
    double taken =
        1000 * (side.state.balance().heat().cooler() + side.state.balance().heat().tank());
    return feed - taken / capacity;
  }

  /** Laminar through the paper: grows with flow and viscosity. */
  private static double filterDrop(TransmissionFluid oil, double flowLpm, double temperature) {
    double known = Math.max(-30, Math.min(150, temperature));
    return FILTER_DROP * flowLpm / 10 * oil.kinematicViscosity(known) / 10;
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
