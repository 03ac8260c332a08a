package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Service;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.exchanger.OilChannels;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.problem.OutOfRangeException;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Levers;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineCalculator;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.RigFactory;

/** Runs every build of a job on its haul and says what that means. */
@Service
public class Assessor {

  public Assessment assess(JobContent job) {
    Coolant coolant = new Coolant(job.vehicle().cooling().glycolShare());
    return new Assessment(
        coolant.boilingPoint(job.vehicle().cooling().capKpa() * 1000, job.haul().altitudeM()),
        coolant.freezingPoint(),
        job.builds().stream().map(build -> state(job, build)).toList());
  }

  private Assessment.BuildState state(JobContent job, Build build) {
    try {
      Rig rig = rig(job, build);
      OperatingPoint point = job.haul().toCore();
      Headroom headroom =
          Headroom.of(
              rig,
              point,
              job.vehicle().limits().toCore(),
              job.vehicle().cooling().capKpa() * 1000);
      Balance balance = headroom.balance();
      List<Levers.Effect> levers = Levers.of(rig, point, balance);
      Assessment.CoolerEffect effect = build.cooler() == null ? null : effect(job, build, balance);
      return new Assessment.BuildState(
          build.name(),
          null,
          headroom.standing(),
          gauge(headroom.coolant()),
          gauge(headroom.feed()),
          gauge(headroom.pan()),
          BalanceResult.of(rig, balance),
          levers.stream()
              .map(
                  l -> new Assessment.Lever(l.kind().name(), l.coolant(), l.feed(), l.pan()))
              .toList(),
          effect,
          advice(job, build, headroom, levers, effect));
    } catch (NotConvergedException | OutOfRangeException | BadInputException e) {
      return new Assessment.BuildState(
          build.name(), e.getMessage(), null, null, null, null, null, List.of(), null, List.of());
    }
  }

  /** The rig of a build with the oil flow that its planned lines leave. */
  public static Rig rig(JobContent job, Build build) {
    return RigFactory.rig(job.vehicle(), job.trailer(), build, oilFlowShare(job, build));
  }

  private static double oilFlowShare(JobContent job, Build build) {
    return build.cooler() == null ? 1 : lines(job, build).hot().flowShare();
  }

  public static LineResult lines(JobContent job, Build build) {
    Optional<OilChannels> channels =
        Optional.ofNullable(build.cooler()).map(RigFactory::channels);
    return LineCalculator.calculate(
        job.linePlan(),
        job.hoses(),
        RigFactory.oil(job.vehicle().gearbox()),
        job.vehicle().gearbox().oilFlowLpm(),
        channels);
  }

  private static Assessment.CoolerEffect effect(JobContent job, Build build, Balance with) {
    Rig bare = RigFactory.rig(job.vehicle(), job.trailer(), build.withCooler(null), 1);
    Balance without = new SteadyBalance(bare).solve(job.haul().toCore());
    double airWith = with.airFlow().totalFlow(rig(job, build).stack());
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
    Standing coolant = h.coolant().standing();
    Standing pan = h.pan().standing();
    boolean oilSafe = pan != Standing.OVER;
    Levers.Effect air = levers.get(Levers.Kind.AIR.ordinal());
    Levers.Effect speed = levers.get(Levers.Kind.SPEED.ordinal());
    if (coolant == Standing.OVER && oilSafe) {
      advice.add(
          text(
              "The oil is saved, the coolant is not: air is what is missing. Another oil cooler will"
                  + " not help; 10 %% more air is worth %s.",
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
      advice.add("The pan is over its limit while the coolant is not: an oil cooler is what is missing.");
    }
    if (h.feed().standing() == Standing.OVER && h.balance().driveline().converterHeat() > 0) {
      advice.add(
          text(
              "The converter slips and heats the oil by %.1f kW before any cooler sees it. A lower gear"
                  + " or locking up earlier does more than a bigger core.",
              h.balance().driveline().converterHeat() / 1000));
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
              "Driving 10 %% slower moves the coolant by %s, for nothing.", kelvin(speed.coolant())));
    }
    if (h.standing() == Standing.HOLDS && build.cooler() == null) {
      advice.add("All three limits hold in nine of ten cases: nothing needs buying for this road.");
    }
    return advice;
  }

  /** A temperature difference with its sign, so that "worth −2.9 K" reads as cooling. */
  private static String kelvin(double difference) {
    return String.format(Locale.ROOT, "%+.1f K", difference).replace('-', '−');
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
