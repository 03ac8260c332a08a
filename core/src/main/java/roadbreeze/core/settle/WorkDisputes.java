package roadbreeze.core.settle;

import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import roadbreeze.core.bracket.Holding;
import roadbreeze.core.fill.FillVacuum;
import roadbreeze.core.line.OilCircuit;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.settle.Dispute.Measure;
import roadbreeze.core.space.Pack;
import roadbreeze.core.space.ThroughRods;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.FaultBench;
import roadbreeze.core.wiring.Key;
import roadbreeze.core.wiring.Loom;
import roadbreeze.core.wiring.Part;
import roadbreeze.core.wiring.Proposal;
import roadbreeze.core.wiring.Scheme;
import roadbreeze.core.wiring.School;
import roadbreeze.core.wiring.Situation;
import roadbreeze.core.wiring.Situations;
import roadbreeze.core.wiring.Supply;
import roadbreeze.core.workorder.WorkScope;

/** Disputes about the work: how a cooler is held, a hose clamped, the return line found. */
final class WorkDisputes {
  /** Rubber of a hose over steel, 1/K: handbook value of nitrile rubber less that of steel. */
  private static final double RUBBER_SHRINKS = 1.4e-4;

  /** Of the hoses of a build that has none yet, m. */
  private static final double USUAL_BORE = 9.5e-3;

  /** Two thermometers tell lines apart from here on, K; workshop practice. */
  private static final double TOLD_APART = 3;

  /** The farther line stands so far from the tank, or the test says nothing, K. */
  private static final double FROM_TANK = 6;

  /** Days of work are counted in minutes; s. */
  private static final double MINUTE = 60;

  private final Trial trial;

  WorkDisputes(Trial trial) {
    this.trial = trial;
  }

  /** A core stands behind its first cooler that rods could draw it against. */
  static boolean canBeDrawnBack(Setup setup) {
    CoolerFit first = setup.fitting().coolers().get(0);
    return first.place() == CoolerFit.Place.FRONT && rods(setup).isPresent();
  }

  private static Optional<ThroughRods> rods(Setup setup) {
    return ThroughRods.of(
        Pack.of(setup), setup.fitting().coolers().get(0).name(), setup.fitting().fanOnEngine());
  }

  /**
   * Brackets off the body, or rods through the fins.
   *
   * @param drawn the build's own brackets, empty where none are drawn
   */
  Dispute holding(Setup setup, Optional<Holding> drawn) {
    CoolerFit first = setup.fitting().coolers().get(0);
    ThroughRods rods = rods(setup).orElseThrow();
    Held brackets = trial.side(WorkSays.HOLD_BRACKETS, setup);
    if (drawn.isPresent()) {
      Holding h = drawn.get();
      brackets.effect(WorkSays.HOLD_SHAKES, h.frequency(), Holding.LEAST_FREQUENCY);
      brackets.effect(WorkSays.HOLD_STRESS, h.stress(), h.mostStress());
    } else {
      brackets.effect(WorkSays.HOLD_NOT_DRAWN);
    }
    Setup drawnBack =
        setup.with(setup.fitting().withFirst(first.withGap(rods.standOff(), first.sealed())));
    Held through = trial.side(WorkSays.HOLD_RODS, drawnBack);
    rods.risks(first.gap()).forEach(through::effect);
    through.effect(WorkSays.HOLD_NO_FIGURE);
    double gain = through.sure(Measure.LEAST) - brackets.sure(Measure.LEAST);
    return Dispute.of(
        WorkSays.HOLD.with(),
        Measure.LEAST,
        List.of(brackets, through),
        brackets,
        WorkSays.HOLD_REASON.with(rods.standOff(), gain),
        WorkSays.HOLD_OTHERWISE.with());
  }

  /** What holds a hose on its barb between a hot climb and a cold morning. */
  Dispute clamps(Setup setup) {
    double cold = setup.truck().lines().coldOil();
    Held spring = trial.side(WorkSays.CLAMP_SPRING, setup);
    Held lined = trial.side(WorkSays.CLAMP_LINED, setup);
    Held plain = trial.side(WorkSays.CLAMP_PLAIN, setup);
    double hot = spring.stands() ? spring.verdict().feed().peak() : OilCircuit.HOT;
    double outside =
        HoseSize.usual(
                setup.fitting().oil().hoses().stream()
                    .mapToDouble(h -> h.line().bore())
                    .max()
                    .orElse(USUAL_BORE))
            .outside();
    double shrinks = outside * RUBBER_SHRINKS * (hot - cold);
    double pressure = Assembly.lines(setup).cold().feedPressure();
    spring.effect(WorkSays.CLAMP_FOLLOWS, shrinks);
    lined.effect(WorkSays.CLAMP_LOOSENS, shrinks);
    plain.effect(WorkSays.CLAMP_LOOSENS, shrinks).effect(WorkSays.CLAMP_CUTS);
    for (Held side : List.of(spring, lined, plain)) {
      side.effect(WorkSays.CLAMP_STANDS, pressure);
    }
    return Dispute.of(
        WorkSays.CLAMP.with(),
        Measure.LEAST,
        List.of(spring, lined, plain),
        spring,
        WorkSays.CLAMP_REASON.with(hot, cold, shrinks),
        WorkSays.CLAMP_OTHERWISE.with());
  }

  /** Which of the two lines at the tank takes the oil back, told before any is cut. */
  Dispute returnLine(Setup setup) {
    Held feel = trial.side(WorkSays.RETURN_FEEL, setup);
    Held manual = trial.side(WorkSays.RETURN_MANUAL, setup);
    Held thermometer = trial.side(WorkSays.RETURN_THERMOMETER, setup);
    double differ = 0;
    double tank = 0;
    if (feel.stands()) {
      double feed = feel.verdict().feed().peak();
      differ = feel.balance().heat().tank() / feel.oilCapacity();
      double inTank = feel.balance().coolantReturn();
      tank = Math.max(Math.abs(feed - inTank), Math.abs(feed - differ - inTank));
    }
    feel.effect(WorkSays.RETURN_DIFFERS, Math.abs(differ)).effect(WorkSays.RETURN_MISLEADS);
    manual.effect(WorkSays.RETURN_OF_THIS_TRUCK);
    thermometer.effect(WorkSays.RETURN_READS, Math.abs(differ), tank);
    boolean tells = Math.abs(differ) >= TOLD_APART && tank >= FROM_TANK;
    return Dispute.of(
        WorkSays.RETURN.with(),
        Measure.LEAST,
        List.of(feel, manual, thermometer),
        tells ? thermometer : manual,
        (tells ? WorkSays.RETURN_TELLS : WorkSays.RETURN_DOES_NOT).with(Math.abs(differ)),
        WorkSays.RETURN_OTHERWISE.with());
  }

  /**
   * The ways of filling the coolant, by the day that they make.
   *
   * @param day how long it is by each, min
   * @param altitude of the yard, m
   */
  Dispute filling(Setup setup, ToIntFunction<WorkScope.Part> day, double altitude) {
    Held funnel = filled(WorkSays.FILL_FUNNEL, WorkScope.Part.FILL_FUNNEL, setup, day);
    Held vacuum = filled(WorkSays.FILL_VACUUM, WorkScope.Part.FILL_VACUUM, setup, day);
    Held neck = filled(WorkSays.FILL_NECK, WorkScope.Part.FILL_NECK, setup, day);
    Held header = filled(WorkSays.FILL_HEADER, WorkScope.Part.FILL_HEADER, setup, day);
    Held highest = filled(WorkSays.FILL_HIGHEST, WorkScope.Part.FILL_HIGHEST, setup, day);
    funnel.effect(WorkSays.FILL_COOLS_AGAIN);
    vacuum.effect(WorkSays.FILL_TIGHT, FillVacuum.most(altitude));
    neck.effect(WorkSays.FILL_COOLS_AGAIN).effect(WorkSays.FILL_OPEN_HOT);
    header.effect(WorkSays.FILL_TANK_HIGHEST);
    highest.effect(WorkSays.FILL_PORT);
    double open = day.applyAsInt(WorkScope.Part.FILL_FUNNEL) * MINUTE;
    double drawn = day.applyAsInt(WorkScope.Part.FILL_VACUUM) * MINUTE;
    return Dispute.of(
        WorkSays.FILL.with(),
        Measure.LEAST,
        List.of(funnel, vacuum, neck, header, highest),
        drawn < open ? vacuum : funnel,
        WorkSays.FILL_REASON.with(open, drawn),
        WorkSays.FILL_OTHERWISE.with());
  }

  private Held filled(
      WorkSays code, WorkScope.Part school, Setup setup, ToIntFunction<WorkScope.Part> day) {
    double minutes = day.applyAsInt(school) * MINUTE;
    return trial.side(code, setup).effect(WorkSays.FILL_DAY, minutes);
  }

  /** Dry paper, or a skin of sealant that is left to set. */
  Dispute gasket(Setup setup, ToIntFunction<WorkScope.Part> day) {
    double plain = day.applyAsInt(WorkScope.Part.GASKET_DRY) * MINUTE;
    double skinned = day.applyAsInt(WorkScope.Part.GASKET_SEALED) * MINUTE;
    Held dry =
        trial
            .side(WorkSays.GASKET_DRY, setup)
            .effect(WorkSays.GASKET_DAY, plain)
            .effect(WorkSays.GASKET_FACES);
    Held sealed =
        trial
            .side(WorkSays.GASKET_SEALED, setup)
            .effect(WorkSays.GASKET_DAY, skinned)
            .effect(WorkSays.GASKET_SETS);
    return Dispute.of(
        WorkSays.GASKET.with(),
        Measure.LEAST,
        List.of(dry, sealed),
        dry,
        WorkSays.GASKET_REASON.with(Math.max(0, skinned - plain)),
        WorkSays.GASKET_OTHERWISE.with());
  }

  /**
   * The schools of switching an electric fan, each as its circuit: what it is made of, and which
   * single defects leave the fan standing on a hot climb.
   *
   * @param fan as it is wired in the build
   */
  Dispute circuit(Setup setup, Consumer fan, Supply supply) {
    Consumer bare = fan.withDriver(false);
    Circuited fixed = circuited(bare.withSchool(School.THERMAL_SWITCH), supply);
    Circuited set = circuited(bare.withSchool(School.CONTROLLER), supply);
    Circuited manual = circuited(bare.withSchool(School.DRIVER_SWITCH), supply);
    Circuited mixed = circuited(bare.withSchool(School.CONTROLLER).withDriver(true), supply);
    Held fixedSide =
        side(WorkSays.CIRCUIT_FIXED, setup, fixed).effect(WorkSays.CIRCUIT_FIXED_AT, fan.on());
    Held setSide = side(WorkSays.CIRCUIT_ADJUSTABLE, setup, set);
    Held manualSide =
        side(WorkSays.CIRCUIT_MANUAL, setup, manual).effect(WorkSays.CIRCUIT_FORGOTTEN);
    Held mixedSide =
        side(WorkSays.CIRCUIT_MIXED, setup, mixed)
            .effect(WorkSays.CIRCUIT_SAVED, mixed.stops, mixed.left);
    return Dispute.of(
        WorkSays.CIRCUIT.with(),
        Measure.LEAST,
        List.of(fixedSide, setSide, manualSide, mixedSide),
        mixedSide,
        WorkSays.CIRCUIT_REASON.with(set.stops, mixed.left),
        WorkSays.CIRCUIT_OTHERWISE.with());
  }

  private Held side(WorkSays code, Setup setup, Circuited made) {
    return trial
        .side(code, setup)
        .effect(WorkSays.CIRCUIT_MADE_OF, made.parts, made.wires)
        .effect(WorkSays.CIRCUIT_STOPS, made.stops, made.all);
  }

  /**
   * A circuit and what single defects do to it.
   *
   * @param stops that leave the fan standing when the coolant is hot
   * @param left of these, that the driver's switch does not help against
   * @param all that there can be
   */
  private record Circuited(int parts, int wires, int stops, int left, int all) {}

  /** Any length does here: what breaks stops the fan however long its wires are. */
  private static final double WIRE = 1.2;

  private static Circuited circuited(Consumer fan, Supply supply) {
    List<Consumer> one = List.of(fan);
    Scheme scheme = Proposal.of(one, Part.Feed.BATTERY, Part.Guard.Kind.FUSE, supply.system());
    Loom loom = Loom.of(scheme, supply, Situations.of(one), (a, b) -> WIRE, Loom.Choices.NONE);
    boolean alone = fan.school() == School.DRIVER_SWITCH;
    Situation hot = new Situation(Key.RUNNING, fan.full(), fan.full(), false, alone);
    Situation helped = new Situation(Key.RUNNING, fan.full(), fan.full(), false, true);
    FaultBench bench = FaultBench.of(loom.network(supply), List.of(hot, helped));
    int stops = 0;
    int left = 0;
    for (FaultBench.Case c : bench.cases()) {
      stops += c.stands(hot) ? 1 : 0;
      left += c.stands(hot) && c.stands(helped) ? 1 : 0;
    }
    return new Circuited(
        scheme.parts().size(), scheme.runs().size(), stops, left, bench.cases().size());
  }
}
