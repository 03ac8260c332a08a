package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.ColdMorning;
import roadbreeze.core.haul.HaulBand;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;
import roadbreeze.core.settle.Dispute.Measure;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.switching.SwitchProposal;

/** Disputes that no steady state decides: the road is driven in time, and a cold morning begun. */
final class TimeDisputes {
  /** A colder thermostat starts so much lower, K. */
  private static final double COLDER = 8;

  /** Of two ways the pan is as soon warm, s. */
  private static final double AS_SOON = 60;

  // A switch that cannot be set: usual points over a thermostat's full opening; our own, K.
  private static final double FIXED_ABOVE_FULL = 3;
  private static final double FIXED_BAND = 7;

  /** A fan turned on by hand runs until the coolant is so far under the thermostat's start, K. */
  private static final double BY_HAND_UNTIL = 1;

  /** Fans on so long before the climb, s. */
  private static final double BEFORE = 300;

  /** Minutes of noise that nobody minds. */
  private static final double AS_LOUD = 1;

  /** Not shown, K. */
  private static final double NOTHING = 0.05;

  /** Less heat is none worth a word, W. */
  private static final double NO_HEAT = 50;

  /** Ways of the oil past the coolant. */
  private enum Way {
    FIRST(TimeSays.TANK_FIRST, OilOrder.AFTER_TANK, OilElement.InTank.Place.OUTLET_TANK),
    LAST(TimeSays.TANK_LAST, OilOrder.BEFORE_TANK, OilElement.InTank.Place.OUTLET_TANK),
    BYPASSED(TimeSays.TANK_BYPASSED, OilOrder.TANK_BYPASSED, OilElement.InTank.Place.OUTLET_TANK),
    ENGINE_SIDE(
        TimeSays.TANK_ENGINE_SIDE, OilOrder.AFTER_TANK, OilElement.InTank.Place.ENGINE_SIDE);

    final TimeSays name;
    final OilOrder order;
    final OilElement.InTank.Place place;

    Way(TimeSays name, OilOrder order, OilElement.InTank.Place place) {
      this.name = name;
      this.order = order;
      this.place = place;
    }

    Fitting of(Fitting fitting) {
      return fitting.with(fitting.oil().withOrder(order).withTankPlace(place));
    }
  }

  private final Judge judge;
  private final HaulCase road;

  /** Bands of setups that were driven, by the setup. */
  private final Map<Setup, HaulBand> bands = new HashMap<>();

  TimeDisputes(Judge judge, HaulCase road) {
    this.judge = judge;
    this.road = road;
  }

  private HaulBand band(Driven driven) {
    Setup setup = driven.of().setup();
    HaulBand known = bands.get(setup);
    if (known == null) {
      known = HaulBand.of(judge, driven);
      bands.put(setup, known);
    }
    return known;
  }

  private OnRoad side(Finding name, Setup setup) {
    return OnRoad.of(name, setup, () -> road.with(setup).drive(), this::band);
  }

  /** The same truck with its fans switched otherwise, as sure as it is with others. */
  private OnRoad switched(TimeSays name, Setup setup, Setup likened) {
    return OnRoad.of(name.with(), setup, () -> road.with(setup).drive(), d -> bandOf(likened));
  }

  private HaulBand bandOf(Setup setup) {
    return band(road.with(setup).drive());
  }

  private Optional<ColdMorning> morning(Setup setup) {
    try {
      return Optional.of(
          ColdMorning.of(setup, judge.limits(), Trial.COLD_MORNING, Trial.COLD_MORNING_SPEED));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  Dispute inTank(Setup setup) {
    List<OnRoad> sides = new ArrayList<>();
    Map<OnRoad, ColdMorning> mornings = new HashMap<>();
    for (Way way : Way.values()) {
      Setup there = setup.with(way.of(setup.fitting()));
      OnRoad side = side(way.name.with(), there);
      sides.add(side);
      morning(there)
          .ifPresent(
              morning -> {
                mornings.put(side, morning);
                warming(side, morning);
                if (way.place == OilElement.InTank.Place.OUTLET_TANK && way != Way.BYPASSED) {
                  side.effect(TimeSays.TANK_STANDS_IN, morning.outletTank(), morning.opening());
                }
              });
      side.effect(way == Way.BYPASSED ? TimeSays.LEAK_CANNOT_MIX : TimeSays.LEAK_MIXES);
      if (way == Way.ENGINE_SIDE) {
        side.effect(TimeSays.ANOTHER_COOLER);
      }
      if (side.stands() && way != Way.BYPASSED) {
        Driven driven = side.driven();
        double worst = driven.outcome().pan().at().time();
        double tank = driven.balance(worst).map(Balance::heat).map(h -> h.tank()).orElse(0.0);
        if (Math.abs(tank) > NO_HEAT) {
          side.effect(tank > 0 ? TimeSays.TANK_TAKES : TimeSays.TANK_HEATS, Math.abs(tank));
        }
      }
    }
    OnRoad best = Side.best(sides, Measure.LEAST);
    OnRoad bypassed = sides.get(Way.BYPASSED.ordinal());
    double cost = best.sure(Measure.LEAST) - sides.get(0).sure(Measure.LEAST);
    List<OnRoad> near = sides.stream().filter(s -> near(s, best, Measure.LEAST)).toList();
    List<OnRoad> warm =
        near.stream().filter(mornings::containsKey).filter(s -> getsWarm(mornings.get(s))).toList();
    OnRoad chosen;
    Finding reason;
    if (!warm.isEmpty()) {
      chosen = soonest(warm, mornings);
      reason =
          chosen == best || !mornings.containsKey(best)
              ? TimeSays.TANK_WARM_AND_MOST.with()
              : TimeSays.TANK_KEEPS_WARM.with(
                  best.sure(Measure.LEAST) - chosen.sure(Measure.LEAST),
                  Math.max(0, warmAfter(mornings.get(best)) - warmAfter(mornings.get(chosen))));
    } else if (best == bypassed && cost > Side.A_DIFFERENCE) {
      chosen = best;
      reason = TimeSays.TANK_COSTS.with(cost);
    } else {
      chosen = near.get(0);
      double within = best.sure(Measure.LEAST) - chosen.sure(Measure.LEAST);
      reason =
          within < NOTHING
              ? TimeSays.TANK_MOST.with(Trial.COLD_MORNING)
              : TimeSays.TANK_NEAREST.with(within, Trial.COLD_MORNING);
    }
    return Dispute.of(
        TimeSays.TANK.with(), Measure.LEAST, sides, chosen, reason, TimeSays.TANK_OTHERWISE.with());
  }

  private static boolean near(Side side, Side best, Measure measure) {
    return side.sure(measure) >= best.sure(measure) - Side.A_DIFFERENCE;
  }

  private boolean getsWarm(ColdMorning morning) {
    return morning.to60().isPresent() || morning.cruise() >= judge.limits().overcooledPan();
  }

  /** The first of those that are warm soonest. */
  private static OnRoad soonest(List<OnRoad> sides, Map<OnRoad, ColdMorning> mornings) {
    double least = sides.stream().mapToDouble(s -> warmAfter(mornings.get(s))).min().orElseThrow();
    return sides.stream()
        .filter(s -> warmAfter(mornings.get(s)) <= least + AS_SOON)
        .findFirst()
        .orElseThrow();
  }

  /** Until the pan is warm, or the hour that it was not, s. */
  private static double warmAfter(ColdMorning morning) {
    return morning.to60().orElse(ColdMorning.RUN);
  }

  private static void warming(Side side, ColdMorning morning) {
    double ambient = Trial.COLD_MORNING;
    OptionalDouble lukewarm = morning.to40();
    OptionalDouble warm = morning.to60();
    if (warm.isPresent()) {
      side.effect(TimeSays.COLD_WARMS, ambient, lukewarm.getAsDouble(), warm.getAsDouble());
    } else if (lukewarm.isPresent()) {
      side.effect(TimeSays.COLD_LUKEWARM, ambient, lukewarm.getAsDouble(), morning.cruise());
    } else {
      side.effect(TimeSays.COLD_STAYS, ambient, morning.cruise());
    }
  }

  Dispute thermostat(Setup setup) {
    Thermostat own = setup.fitting().swaps().thermostat();
    double by = Math.min(COLDER, own.startToOpen() - Thermostat.START.low());
    Thermostat cold = new Thermostat(own.startToOpen() - by, own.fullOpen() - by);
    OnRoad fitted = side(TimeSays.THERMOSTAT_FITTED.with(own.startToOpen()), setup);
    OnRoad colder =
        side(
            TimeSays.THERMOSTAT_COLDER.with(cold.startToOpen()),
            setup.with(setup.fitting().with(cold)));
    List<OnRoad> sides = List.of(fitted, colder);
    for (OnRoad s : sides) {
      if (s.stands()) {
        s.effect(TimeSays.AT_THE_FOOT, s.foot().coolant());
        s.effect(TimeSays.WIDE_OPEN_FOR, wideOpen(s.driven().trace()));
        s.effect(TimeSays.LOUD_FOR, s.driven().outcome().loud());
      }
      morning(s.setup)
          .map(ColdMorning::coolantTo70)
          .ifPresent(
              after -> {
                if (after.isPresent()) {
                  s.effect(TimeSays.CAB_WARMS, Trial.COLD_MORNING, after.getAsDouble());
                } else {
                  s.effect(TimeSays.CAB_STAYS_COLD, Trial.COLD_MORNING);
                }
              });
    }
    colder.effect(TimeSays.WEARS_AND_EMITS);
    double gain = colder.sure(Measure.COOLANT) - fitted.sure(Measure.COOLANT);
    boolean more = gain > Side.A_DIFFERENCE;
    boolean helps = more && fitted.sure(Measure.COOLANT) < 0;
    Finding reason =
        helps
            ? TimeSays.COLDER_WORTH.with(gain)
            : more
                ? TimeSays.COLDER_NOT_NEEDED.with(fitted.sure(Measure.COOLANT), gain)
                : TimeSays.COLDER_SAME.with(Math.abs(gain));
    return Dispute.of(
        TimeSays.THERMOSTAT.with(),
        Measure.COOLANT,
        sides,
        helps ? colder : fitted,
        reason,
        (helps ? TimeSays.COLDER_OTHERWISE : TimeSays.FITTED_OTHERWISE).with());
  }

  /** s */
  private static double wideOpen(Trace trace) {
    double open = 0;
    Trace.Moment before = trace.moments().get(0);
    for (Trace.Moment m : trace.moments()) {
      open += before.opening() >= 1 && m.opening() >= 1 ? m.time() - before.time() : 0;
      before = m;
    }
    return open;
  }

  /** How an electric fan is switched can be disputed. */
  static boolean hasElectricFan(Setup setup) {
    return setup.fitting().fans().stream().anyMatch(TimeDisputes::isElectric);
  }

  private static boolean isElectric(FanFit fan) {
    return fan.part().kind() == FanUnit.Type.ELECTRIC;
  }

  /** All electric fans at the same points, each later stage a little above the one before. */
  private static Setup switchedAt(Setup setup, double on, double off, FanSensor sensor) {
    List<FanFit> fans = new ArrayList<>();
    double up = 0;
    for (FanFit fan : setup.fitting().fans()) {
      if (isElectric(fan)) {
        double at = Math.min(FanSwitch.TEMPERATURE.high(), on + up);
        FanSwitch points = new FanSwitch(at, at - (on - off), sensor);
        fans.add(fan.withSwitched(Optional.of(points)));
        up += SwitchProposal.NEXT_STAGE;
      } else {
        fans.add(fan);
      }
    }
    return setup.with(setup.fitting().withFans(fans));
  }

  Dispute switching(Setup setup) {
    Thermostat thermostat = Assembly.rig(setup).coolantLoop().thermostat();
    double on = Math.min(FanSwitch.TEMPERATURE.high(), thermostat.fullOpen() + FIXED_ABOVE_FULL);
    Setup fixed = switchedAt(setup, on, on - FIXED_BAND, FanSensor.HOSE_ADAPTER);
    List<OnRoad> sides = new ArrayList<>();
    setup.switchedFans().stream()
        .filter(f -> !f.ofCooler())
        .findFirst()
        .map(SwitchedFan::points)
        .ifPresent(
            p ->
                sides.add(
                    switched(TimeSays.SWITCH_AS_SET, setup, fixed)
                        .effect(TimeSays.SWITCHES_AT, p.on(), p.off())));
    sides.add(
        switched(TimeSays.SWITCH_FIXED, fixed, fixed)
            .effect(TimeSays.SWITCHES_AT, on, on - FIXED_BAND)
            .effect(TimeSays.CANNOT_BE_SET));
    best(fixed)
        .ifPresent(
            points -> {
              Setup set = switchedAt(setup, points.on(), points.off(), FanSensor.HOSE_ADAPTER);
              sides.add(
                  switched(TimeSays.SWITCH_ADJUSTABLE, set, fixed)
                      .effect(TimeSays.SWITCHES_AT, points.on(), points.off())
                      .effect(TimeSays.NEEDS_A_BOX));
              sides.add(
                  early(TimeSays.SWITCH_MIXED.with(), set, BEFORE, fixed)
                      .effect(TimeSays.SWITCHES_AT, points.on(), points.off())
                      .effect(TimeSays.OVERRIDES));
            });
    double until = thermostat.startToOpen() - BY_HAND_UNTIL;
    OnRoad byHand =
        switched(TimeSays.SWITCH_BY_HAND, switchedAt(setup, on, until, FanSensor.DRIVER), fixed)
            .effect(TimeSays.TURNED_ON_AT, on);
    if (byHand.stands()) {
      byHand.driven().forgotten().ifPresent(peak -> byHand.effect(TimeSays.FORGOTTEN, peak));
    }
    sides.add(byHand);
    for (OnRoad s : sides) {
      if (s.stands()) {
        s.effect(TimeSays.LOUD_FOR, s.driven().outcome().loud());
        long starts = s.driven().trace().switchings().stream().filter(w -> w.on()).count();
        s.effect(TimeSays.STARTS_TIMES, (int) starts);
      }
    }
    OnRoad most = Side.best(sides, Measure.LEAST);
    List<OnRoad> holding = sides.stream().filter(s -> s.sure(Measure.LEAST) >= 0).toList();
    OnRoad chosen =
        holding.isEmpty()
            ? sides.stream().filter(s -> near(s, most, Measure.LEAST)).findFirst().orElseThrow()
            : quietest(holding);
    Finding reason;
    if (!holding.isEmpty()) {
      reason = TimeSays.SWITCH_LEAST_NOISE.with(chosen.driven().outcome().loud());
    } else if (chosen == most && most != sides.get(0)) {
      reason =
          TimeSays.SWITCH_MOST.with(most.sure(Measure.LEAST) - sides.get(0).sure(Measure.LEAST));
    } else {
      reason = TimeSays.SWITCH_ALIKE.with(most.sure(Measure.LEAST) - chosen.sure(Measure.LEAST));
    }
    return Dispute.of(
        TimeSays.SWITCHING.with(),
        Measure.LEAST,
        sides,
        chosen,
        reason,
        TimeSays.SWITCH_OTHERWISE.with());
  }

  /** The first of those that are about as quiet as the quietest. */
  private static OnRoad quietest(List<OnRoad> sides) {
    double least = sides.stream().mapToDouble(OnRoad::bother).min().orElseThrow();
    return sides.stream().filter(s -> s.bother() <= least + AS_LOUD).findFirst().orElseThrow();
  }

  /** What a controller would be set to: it holds with the least noise, or is the surest. */
  private Optional<SwitchProposal.Option> best(Setup switched) {
    try {
      Driven driven = road.with(switched).drive();
      SwitchProposal proposal = SwitchProposal.of(driven, band(driven));
      return proposal
          .best()
          .or(
              () ->
                  proposal.tried().stream()
                      .max(Comparator.comparingDouble(SwitchProposal.Option::sure)));
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  /** Fans full from so long before the climb to the top of it, s. */
  private OnRoad early(Finding name, Setup setup, double before, Setup likened) {
    Function<Driven, Trip> trip =
        usual -> {
          Trip as = usual.of().trip();
          double worst = usual.outcome().coolant().at().distance();
          Road.Climb climb = as.road().climbTo(worst);
          double start = as.road().points().get(0).distance();
          double speed = as.at(0, start, 0).speed();
          double from = Math.max(start, climb.foot() - before * speed);
          return as.acting(from, Math.max(worst, climb.top()), as.habitsAt(from).withFanFull());
        };
    return OnRoad.of(
        name,
        setup,
        () -> {
          Driven usual = road.with(setup).drive();
          return usual.of().with(trip.apply(usual)).drive();
        },
        d -> bandOf(likened));
  }

  Dispute preCooling(Setup setup) {
    OnRoad alone = side(TimeSays.EARLY_NEVER.with(), setup);
    OnRoad foot = early(TimeSays.EARLY_FOOT.with(), setup, 0, setup);
    OnRoad before = early(TimeSays.EARLY_BEFORE.with(BEFORE), setup, BEFORE, setup);
    List<OnRoad> sides = List.of(alone, foot, before);
    for (OnRoad s : sides) {
      if (s.stands()) {
        s.effect(TimeSays.AT_THE_FOOT, s.foot().coolant());
        s.effect(TimeSays.LOUD_FOR, s.driven().outcome().loud());
      }
    }
    OnRoad best = Side.best(sides, Measure.LEAST);
    double gain = best.sure(Measure.LEAST) - alone.sure(Measure.LEAST);
    boolean worth = gain > Side.A_DIFFERENCE;
    return Dispute.of(
        TimeSays.EARLY.with(),
        Measure.LEAST,
        sides,
        worth ? best : alone,
        worth ? TimeSays.EARLY_WORTH.with(gain) : TimeSays.EARLY_SAME.with(gain),
        (worth ? TimeSays.EARLY_OTHERWISE_WORTH : TimeSays.EARLY_OTHERWISE).with());
  }
}
