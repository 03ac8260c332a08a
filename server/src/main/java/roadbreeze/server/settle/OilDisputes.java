package roadbreeze.server.settle;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.CoolerPart;
import roadbreeze.server.rig.FittedCooler;
import roadbreeze.server.rig.RigFactory;
import roadbreeze.server.sizing.Assessor;

/** Disputes about the oil: where its cooler goes, of what kind, and in which order. */
final class OilDisputes {
  private static final double OWN_FAN_M3S = 0.35;
  private static final double OPEN_GAP = 25;
  private static final double FAIR_COLD_FLOW = 0.30;

  /** Drop of a spin-on filter at 10 L/min and 10 mm²/s, kPa; grows with flow and viscosity. */
  private static final double FILTER_DROP = 6;

  private final Trial trial;

  OilDisputes(Trial trial) {
    this.trial = trial;
  }

  Dispute inTank(Build build) {
    double least = trial.job().vehicle().limits().overcooledPanC();
    List<Side> sides = new ArrayList<>();
    List<Side> mornings = new ArrayList<>();
    for (Build.OilOrder order : Build.OilOrder.values()) {
      Build b = build.withOilOrder(order);
      Side morning = trial.onAColdMorning(b);
      Side side =
          trial.side(
              switch (order) {
                case AFTER_TANK -> "Keep it, auxiliary after it";
                case BEFORE_TANK -> "Keep it, auxiliary before it";
                case TANK_BYPASSED -> "Bypass it";
              },
              b);
      if (morning.stands()) {
        side.effect(
            "at %.0f °C on the level the pan settles at %.0f °C%s",
            Trial.COLD_MORNING,
            morning.pan(),
            morning.pan() < least ? ": too cold for the gearbox" : "");
        if (order != Build.OilOrder.TANK_BYPASSED) {
          side.effect(
              "the tank stands in coolant of %.0f °C then: the thermostat is %.0f %% open and the"
                  + " radiator chills the little that passes",
              morning.state.balance().coolantReturnC(),
              morning.state.balance().thermostatOpening() * 100);
        }
      }
      side.effect(
          order == Build.OilOrder.TANK_BYPASSED
              ? "a leak in the tank cannot mix coolant and oil"
              : "a leak in the tank mixes coolant and oil and ends the gearbox");
      if (side.stands() && order != Build.OilOrder.TANK_BYPASSED) {
        double tank = side.state.balance().heat().tank();
        side.effect(
            tank >= 0
                ? "on the climb the tank takes %.1f kW from the oil"
                : "on the climb the tank heats the oil by %.1f kW",
            Math.abs(tank));
      }
      sides.add(side);
      mornings.add(morning);
    }
    Side best = Side.best(sides, Side::sure);
    Side bypassed = sides.get(2);
    // The first that stays warm on a cold morning and gives up no headroom worth naming.
    Side warm =
        Stream.of(0, 1, 2)
            .filter(i -> mornings.get(i).stands() && mornings.get(i).pan() >= least)
            .map(sides::get)
            .filter(s -> s.sure() >= best.sure() - Side.A_DIFFERENCE)
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
    } else if (best == bypassed && best.sure() > sides.get(0).sure() + Side.A_DIFFERENCE) {
      chosen = best;
      reason =
          text(
              "Here the tank costs %.1f K of headroom. Bypassed, the oil needs a cooler with a thermal"
                  + " bypass for cold mornings.",
              best.sure() - sides.get(0).sure());
    } else {
      chosen =
          sides.stream()
              .filter(s -> s.sure() >= best.sure() - Side.A_DIFFERENCE)
              .findFirst()
              .orElseThrow();
      reason =
          text(
              "It is within %.1f K of the most headroom here. No order keeps the pan warm at %.0f °C: take"
                  + " a cooler with a thermal bypass if it gets that cold.",
              best.sure() - chosen.sure(), Trial.COLD_MORNING);
    }
    return Dispute.of(
        "The oil cooler inside the radiator",
        sides,
        chosen,
        reason,
        "Where winters are mild, or the radiator is old and its tank not to be trusted, bypassing is"
            + " right; where the coolant has headroom to spare and the oil has not, before.");
  }

  Dispute placement(Build build) {
    FittedCooler first = build.coolers().get(0);
    Side tight =
        trial
            .side("Tight, foamed to the core behind", withFirst(build, first.withGap(10, true)))
            .effect("all air of the cooler goes on through the radiator");
    Side gap =
        trial
            .side(
                text("Open gap of %.0f mm", OPEN_GAP),
                withFirst(build, first.withGap(OPEN_GAP, false)))
            .effect("air gets round the cooler: it cools less and costs the radiator less");
    Side elsewhere =
        trial
            .side(
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
    Side best = Side.best(sides, Side::sure);
    double gain = best.sure() - tight.sure();
    boolean apart = gain > Side.A_DIFFERENCE;
    return Dispute.of(
        "Against the condenser or apart",
        sides,
        apart ? best : tight,
        apart
            ? text("It has %.1f K more headroom than tight on this road.", gain)
            : text(
                "Within %.1f K they are alike here, and tight is the simplest that does not chafe: stood off"
                    + " on brackets, foam round the rim, never strapped to the fins.",
                gain),
        "Where the radiator is starved of air, an open gap or another place is right; where the oil is,"
            + " tight is.");
  }

  private static Build withFirst(Build build, FittedCooler cooler) {
    List<FittedCooler> coolers = new ArrayList<>(build.coolers());
    coolers.set(0, cooler);
    return build.withCoolers(coolers);
  }

  Dispute coreType(Build build) {
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
          trial.side(
              switch (family) {
                case TUBE_AND_FIN -> "Tube-and-fin, 4 passes";
                case PLATE_FIN -> "Plate-fin";
                case STACKED_PLATE -> "Stacked plate";
              },
              b);
      LineResult lines = Assessor.lines(trial.job(), b);
      coldFlow.add(lines.cold().flowShare());
      side.effect(
          "core drops %.1f kPa hot; %.0f %% of the flow left at %.0f °C",
          lines.hot().coolerDropKpa(), lines.cold().flowShare() * 100, lines.cold().oilC());
      sides.add(side);
    }
    Side best = Side.best(sides, Side::sure);
    Side plain = sides.get(0);
    boolean starves = coldFlow.get(sides.indexOf(best)) < FAIR_COLD_FLOW;
    boolean alike = best.sure() - plain.sure() < Side.A_DIFFERENCE;
    Side chosen = alike || starves ? plain : best;
    return Dispute.of(
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

  Dispute filter(Build build) {
    TransmissionFluid oil = RigFactory.oil(trial.job().vehicle().gearbox());
    Side before = trial.side("Before the cooler", build);
    Side after = trial.side("After the cooler", build);
    double flow = trial.job().vehicle().gearbox().oilFlowLpm();
    double coldOil = trial.job().linePlan().coldC();
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
    return Dispute.of(
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
