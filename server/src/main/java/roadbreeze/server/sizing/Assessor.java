package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.fit.Clearance;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.OutOfRangeException;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Levers;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Standing;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineCalculator;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.RigFactory;

/** Runs every build of a job on its haul and says what that means. */
@Service
public class Assessor {
  /** Most assumed numbers named as worth measuring. */
  private static final int NAMED = 3;

  /** A clutch that grips fully turns at 0.9 of its pulley. */
  private static final double CLUTCH_GRIPPED = 0.88;

  /** A side effect smaller than this is not worth a sentence, K. */
  private static final double WORTH_SAYING = 3;

  private final Doubts doubts;

  Assessor(Doubts doubts) {
    this.doubts = doubts;
  }

  public Assessment assess(JobContent job) {
    Coolant coolant = new Coolant(job.vehicle().cooling().glycolShare());
    List<Doubts.Ends> ends = doubts.of(job);
    return new Assessment(
        coolant.boilingPoint(job.vehicle().cooling().capKpa() * 1000, job.haul().altitudeM()),
        coolant.freezingPoint(),
        IntStream.range(0, job.builds().size()).mapToObj(i -> state(job, i, ends)).toList());
  }

  /** One build alone. */
  public Assessment.BuildState assess(JobContent job, Build build) {
    JobContent one = job.withBuilds(List.of(build));
    return state(one, 0, doubts.of(one));
  }

  Workings workings(BuildRequest request) {
    JobContent job = request.job();
    Build build = SizingService.build(job, request.build());
    return new Workings(job, build, Doubts.doubts(doubts.of(job), request.build()));
  }

  private Assessment.BuildState state(JobContent job, int index, List<Doubts.Ends> ends) {
    Build build = job.builds().get(index);
    List<Assessment.Distance> clearances = clearances(job, build);
    try {
      Rig rig = rig(job, build);
      OperatingPoint point = job.haul().toCore();
      Headroom headroom = headroom(job, rig, Doubts.doubts(ends, index));
      Balance balance = headroom.balance();
      List<Levers.Effect> levers = Levers.of(rig, point, balance);
      Assessment.CoolerEffect effect =
          build.coolers().isEmpty() ? null : effect(job, build, rig, balance);
      return new Assessment.BuildState(
          build.name(),
          null,
          headroom.standing(),
          gauge(headroom.coolant()),
          gauge(headroom.feed()),
          gauge(headroom.pan()),
          BalanceResult.of(rig, balance),
          levers.stream()
              .map(l -> new Assessment.Lever(l.kind().name(), l.coolant(), l.feed(), l.pan()))
              .toList(),
          effect,
          clearances,
          measureNext(headroom, ends),
          advice(job, build, headroom, levers, effect));
    } catch (NotConvergedException | OutOfRangeException | BadInputException e) {
      return new Assessment.BuildState(
          build.name(),
          e.getMessage(),
          null,
          null,
          null,
          null,
          null,
          List.of(),
          null,
          clearances,
          List.of(),
          List.of());
    }
  }

  /** The verdict of a rig of the job, with the spreads that its measurements leave. */
  static Headroom headroom(JobContent job, Rig rig, List<Uncertainty.Doubt> doubts) {
    return Headroom.of(
        rig,
        job.haul().toCore(),
        job.vehicle().limits().toCore(),
        job.vehicle().cooling().capKpa() * 1000,
        sources(job),
        doubts);
  }

  static List<Uncertainty.Source> sources(JobContent job) {
    boolean traversed =
        job.traverse() != null && job.traverse().where() == AirTraverse.Where.AT_CORE;
    return Uncertainty.sources(
        traversed ? Uncertainty.TRAVERSED_FAN_SPREAD : Uncertainty.FAN_PRESSURE_SPREAD);
  }

  /** The rig of a build with the oil flow that its planned lines leave. */
  public static Rig rig(JobContent job, Build build) {
    return RigFactory.rig(
        job.vehicle(), job.trailer(), job.obstacles(), build, oilFlowShare(job, build));
  }

  private static double oilFlowShare(JobContent job, Build build) {
    return build.coolers().isEmpty() ? 1 : lines(job, build).hot().flowShare();
  }

  public static LineResult lines(JobContent job, Build build) {
    return LineCalculator.calculate(
        job.linePlan(),
        job.hoses(),
        RigFactory.oil(job.vehicle().gearbox()),
        job.vehicle().gearbox().oilFlowLpm(),
        build.coolers().stream().map(c -> RigFactory.channels(c.part())).toList(),
        build.parallel());
  }

  private static List<Assessment.Distance> clearances(JobContent job, Build build) {
    return Clearance.of(RigFactory.layout(job.vehicle().cooling(), job.obstacles(), build)).stream()
        .map(
            c ->
                new Assessment.Distance(
                    c.kind().name(),
                    c.subject(),
                    c.actual() * 1000,
                    c.wanted() * 1000,
                    c.serious(),
                    c.reason(),
                    c.fix()))
        .toList();
  }

  private static List<Assessment.Assumed> measureNext(Headroom h, List<Doubts.Ends> ends) {
    return h.spread().doubts().stream()
        .sorted(
            Comparator.comparingDouble(d -> -Math.max(Math.abs(d.coolant()), Math.abs(d.sump()))))
        .limit(NAMED)
        .map(
            d ->
                new Assessment.Assumed(
                    d.name(),
                    100 * Doubts.SPREADS.get(d.name()),
                    Math.abs(d.coolant()),
                    Math.abs(d.sump())))
        .toList();
  }

  private static Assessment.CoolerEffect effect(
      JobContent job, Build build, Rig rig, Balance with) {
    Rig bare = rig(job, build.withCoolers(List.of()));
    Balance without = new SteadyBalance(bare).solve(job.haul().toCore());
    double airWith = with.airFlow().totalFlow(rig.stack());
    double airWithout = without.airFlow().totalFlow(bare.stack());
    return new Assessment.CoolerEffect(
        with.coolant() - without.coolant(),
        with.feed() - without.feed(),
        with.sump() - without.sump(),
        100 * (1 - airWith / airWithout));
  }

  private static Assessment.Gauge gauge(Margin m) {
    return new Assessment.Gauge(
        m.peak(), m.limit(), m.headroom(), m.band(), m.nineInTen(), m.standing());
  }

  private static List<String> advice(
      JobContent job,
      Build build,
      Headroom h,
      List<Levers.Effect> levers,
      Assessment.CoolerEffect effect) {
    List<String> advice = new ArrayList<>();
    whatLimits(h, levers).ifPresent(advice::add);
    Standing coolant = h.coolant().standing();
    Standing pan = h.pan().standing();
    boolean oilSafe = pan != Standing.OVER;
    Levers.Effect air = levers.get(Levers.Kind.AIR.ordinal());
    Levers.Effect speed = levers.get(Levers.Kind.SPEED.ordinal());
    if (coolant == Standing.OVER && oilSafe) {
      advice.add(
          text(
              "%s, the coolant is not: air is what is missing. Another oil cooler will"
                  + " not help the coolant; 10 %% more air is worth %s.",
              h.feed().standing() == Standing.OVER ? "The pan is saved" : "The oil is saved",
              kelvin(air.coolant())));
    } else if (coolant == Standing.OVER) {
      advice.add(
          text(
              "Coolant and oil are both over. Start with the air: 10 %% more is worth %s on the"
                  + " coolant and %s in the pan.",
              kelvin(air.coolant()), kelvin(air.pan())));
    } else if (coolant == Standing.MARGINAL) {
      advice.add(
          text(
              "The coolant keeps its limit as computed, but not in nine of ten such trucks: the band is"
                  + " ±%.1f K. 10 %% more air is worth %s.",
              h.coolant().band(), kelvin(air.coolant())));
    }
    if (pan == Standing.OVER && coolant != Standing.OVER) {
      advice.add(
          "The pan is over its limit while the coolant is not: an oil cooler is what is missing.");
    }
    if (h.feed().standing() == Standing.OVER && h.balance().driveline().converterHeat() > 0) {
      advice.add(
          text(
              "The converter slips and heats the oil by %.1f kW before any cooler sees it. A lower gear"
                  + " or locking up earlier does more than a bigger core.",
              h.balance().driveline().converterHeat() / 1000));
    }
    if (h.balance().fanEngagement() < CLUTCH_GRIPPED && h.standing() != Standing.HOLDS) {
      advice.add(
          text(
              "The fan clutch grips only to %.0f %% here: it follows the air behind the radiator. More"
                  + " grip, or a clutch that follows the coolant, is air for no more room.",
              h.balance().fanEngagement() * 100));
    }
    double preheat = -10 * levers.get(Levers.Kind.PREHEAT.ordinal()).coolant();
    if (preheat > WORTH_SAYING) {
      advice.add(
          text(
              "Air warmed by %s before it reaches the radiator costs about %.0f K of coolant.",
              job.vehicle().cooling().chargeAirCooler() == null
                  ? "the condenser"
                  : "charge-air cooler and condenser",
              preheat));
    }
    if (effect != null) {
      advice.add(
          text(
              "The cooler moves the pan by %s and costs the face %.1f %% of its air; the coolant moves"
                  + " by %s.",
              kelvin(effect.panK()), effect.airLostPercent(), kelvin(effect.coolantK())));
    }
    if (h.balance().sump() < job.vehicle().limits().overcooledPanC()
        && h.pan().standing() == Standing.HOLDS) {
      advice.add(
          text(
              "The pan stays at %.0f °C: too cold for the gearbox on a long run. Keep the in-tank cooler"
                  + " in the oil's way or take a cooler with a bypass.",
              h.balance().sump()));
    }
    if (h.standing() == Standing.OVER && speed.coolant() < -0.05) {
      advice.add(
          text(
              "Driving 10 %% slower moves the coolant by %s, for nothing.",
              kelvin(speed.coolant())));
    }
    if (h.standing() == Standing.HOLDS && build.coolers().isEmpty()) {
      advice.add("All three limits hold in nine of ten cases: nothing needs buying for this road.");
    }
    return advice;
  }

  /** The thing of the truck that ten per cent more of would help most, and the next one. */
  private static Optional<String> whatLimits(Headroom h, List<Levers.Effect> levers) {
    boolean coolant =
        h.coolant().sureHeadroom() <= Math.min(h.pan().sureHeadroom(), h.feed().sureHeadroom());
    boolean feed = !coolant && h.feed().sureHeadroom() < h.pan().sureHeadroom();
    ToDoubleFunction<Levers.Effect> worth =
        coolant ? Levers.Effect::coolant : feed ? Levers.Effect::feed : Levers.Effect::pan;
    List<Levers.Effect> ranked =
        levers.stream()
            .filter(l -> LIMITS.containsKey(l.kind()) && worth.applyAsDouble(l) < -0.05)
            .sorted(Comparator.comparingDouble(worth))
            .toList();
    if (ranked.isEmpty()) {
      return Optional.empty();
    }
    Levers.Effect first = ranked.get(0);
    String then =
        ranked.size() < 2
            ? ""
            : text(
                "; then %s, %s",
                LIMITS.get(ranked.get(1).kind()), kelvin(worth.applyAsDouble(ranked.get(1))));
    return Optional.of(
        text(
            "What limits the %s here is %s: a tenth is worth %s%s.",
            coolant ? "coolant" : feed ? "oil feed" : "pan",
            LIMITS.get(first.kind()),
            kelvin(worth.applyAsDouble(first)),
            then));
  }

  private static final Map<Levers.Kind, String> LIMITS =
      Map.of(
          Levers.Kind.AIR, "airflow",
          Levers.Kind.CORE, "core",
          Levers.Kind.OIL_FLOW, "oil flow",
          Levers.Kind.SLIP, "converter slip",
          Levers.Kind.PREHEAT, "warm air from the cores in front");

  /** A temperature difference with its sign, so that "worth −2.9 K" reads as cooling. */
  private static String kelvin(double difference) {
    return String.format(Locale.ROOT, "%+.1f K", difference).replace('-', '−');
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
