package roadbreeze.core.settle;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.line.Filter;
import roadbreeze.core.line.OilLines;
import roadbreeze.core.line.OilNetwork;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.Fitting;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.OwnFan;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.settle.Dispute.Measure;

/** Disputes about the oil: where its cooler goes, of what kind, and in which order. */
final class OilDisputes {
  private static final double TIGHT_GAP = 0.010;
  private static final double OPEN_GAP = 0.025;
  private static final double FAIR_COLD_FLOW = 0.30;
  private static final int PLAIN_PASSES = 4;
  private static final double PLAIN_FINS = 11; // per inch, the most that tube-and-fin cores have

  /** A usual spin-on filter, 6 kPa with hot oil at its sheet's flow; own default. */
  private static final Filter FILTER =
      Filter.of(0, 6000, TransmissionFluid.LEGACY, OptionalDouble.empty());

  /** More than that behind the cooler is a reason against it, Pa. */
  private static final double FILTER_HEAVY = 5000;

  private final Trial trial;

  OilDisputes(Trial trial) {
    this.trial = trial;
  }

  /** Pin the gearbox's own bypass open, or leave it: the cold side against the hot side. */
  Dispute ownBypass(Setup setup) {
    Setup open = setup.with(setup.fitting().withBypassPinned());
    Held left = trial.side(OilSays.PIN_LEAVE, setup).effect(OilSays.PIN_MAY_STICK);
    Held pinned = trial.side(OilSays.PIN_OPEN, open).effect(OilSays.PIN_CANNOT_STICK);
    double warmer =
        coldPan(left, trial.onAColdMorning(setup)) - coldPan(pinned, trial.onAColdMorning(open));
    double gain = pinned.sure(Measure.PAN) - left.sure(Measure.PAN);
    boolean hot = gain > Side.A_DIFFERENCE;
    return Dispute.of(
        OilSays.PIN.with(),
        Measure.PAN,
        List.of(left, pinned),
        hot ? pinned : left,
        hot
            ? OilSays.PIN_HOT_DECIDES.with(gain)
            : OilSays.PIN_COLD_DECIDES.with(warmer, Trial.COLD_MORNING),
        OilSays.PIN_OTHERWISE.with());
  }

  /** Where the pan settles on a cold morning, said of a side; NaN where it settles nowhere, °C. */
  private double coldPan(Held side, Held morning) {
    if (!morning.stands()) {
      return Double.NaN;
    }
    double pan = morning.verdict().pan().peak();
    boolean cold = pan < trial.judge().limits().overcooledPan();
    side.effect(cold ? OilSays.COLD_PAN_TOO_COLD : OilSays.COLD_PAN, Trial.COLD_MORNING, pan);
    return pan;
  }

  Dispute placement(Setup setup) {
    Fitting f = setup.fitting();
    CoolerFit first = f.coolers().get(0);
    Held tight =
        trial
            .side(OilSays.PLACE_TIGHT, setup.with(f.withFirst(first.withGap(TIGHT_GAP, true))))
            .effect(OilSays.ALL_AIR_GOES_ON);
    Held gap =
        trial
            .side(
                OilSays.PLACE_GAP.with(OPEN_GAP),
                setup.with(f.withFirst(first.withGap(OPEN_GAP, false))))
            .effect(OilSays.AIR_GETS_ROUND);
    Held elsewhere =
        trial
            .side(
                OilSays.PLACE_ELSEWHERE,
                setup.with(f.withFirst(first.elsewhere(new OwnFan(OwnFan.USUAL)))))
            .effect(OilSays.REACHED_BY_MUD, OwnFan.USUAL)
            .effect(OilSays.ANOTHER_FAN);
    List<Held> sides = List.of(tight, gap, elsewhere);
    for (Held s : sides) {
      if (s.stands()) {
        s.effect(OilSays.AIR_THROUGH_FACE, s.airflow(Assembly.rig(s.setup)));
      }
    }
    Held best = Side.best(sides, Measure.LEAST);
    double gain = best.sure(Measure.LEAST) - tight.sure(Measure.LEAST);
    boolean apart = gain > Side.A_DIFFERENCE;
    return Dispute.of(
        OilSays.PLACE.with(),
        Measure.LEAST,
        sides,
        apart ? best : tight,
        (apart ? OilSays.PLACE_BETTER : OilSays.PLACE_ALIKE).with(gain),
        OilSays.PLACE_OTHERWISE.with());
  }

  Dispute coreType(Setup setup) {
    CoolerFit first = setup.fitting().coolers().get(0);
    List<Held> sides = new ArrayList<>();
    List<Double> coldFlow = new ArrayList<>();
    for (OilCooler.Family family : OilCooler.Family.values()) {
      Setup other = setup.with(setup.fitting().withFirst(first.withPart(like(first, family))));
      Held side = trial.side(name(family), other);
      OilLines lines = Assembly.lines(other);
      coldFlow.add(lines.cold().flowShare());
      side.effect(
          OilSays.CORE_DROPS,
          lines.hot().drop(OilNetwork.What.COOLER),
          lines.cold().flowShare(),
          lines.cold().oil());
      sides.add(side);
    }
    Held best = Side.best(sides, Measure.LEAST);
    Held plain = sides.get(0);
    double lead = best.sure(Measure.LEAST) - plain.sure(Measure.LEAST);
    boolean starves = coldFlow.get(sides.indexOf(best)) < FAIR_COLD_FLOW;
    boolean alike = lead < Side.A_DIFFERENCE;
    return Dispute.of(
        OilSays.CORE.with(),
        Measure.LEAST,
        sides,
        alike || starves ? plain : best,
        (starves ? OilSays.CORE_STARVES : alike ? OilSays.CORE_ALIKE : OilSays.CORE_WORTH)
            .with(lead),
        OilSays.CORE_OTHERWISE.with());
  }

  /** The same outline built another way, without a bypass. */
  private static OilCooler like(CoolerFit first, OilCooler.Family family) {
    OilCooler p = first.part();
    boolean plain = family == OilCooler.Family.TUBE_AND_FIN;
    return new OilCooler(
        family,
        p.width(),
        p.height(),
        p.depth(),
        plain ? Math.min(PLAIN_FINS, p.finsPerInch()) : p.finsPerInch(),
        p.tubePitch(),
        plain ? PLAIN_PASSES : 1,
        p.portBore(),
        OptionalDouble.empty(),
        OptionalDouble.empty());
  }

  private static Finding name(OilCooler.Family family) {
    return switch (family) {
      case TUBE_AND_FIN -> OilSays.CORE_PLAIN.with(PLAIN_PASSES);
      case PLATE_FIN -> OilSays.CORE_PLATE_FIN.with();
      case STACKED_PLATE -> OilSays.CORE_STACKED.with();
    };
  }

  /**
   * @param used the cooler was on the truck already and may hold old dirt
   */
  Dispute filter(Setup setup, boolean used) {
    TransmissionFluid oil = setup.truck().oil().fluid();
    double flow = setup.truck().oil().flow();
    double coldOil = setup.truck().lines().coldOil();
    Held before = trial.side(OilSays.FILTER_BEFORE, setup);
    Held after = trial.side(OilSays.FILTER_AFTER, setup);
    double more = 0;
    if (before.stands()) {
      double feed = before.verdict().feed().peak();
      double back = returning(before);
      double dropBefore = filterDrop(oil, flow, feed);
      double dropAfter = filterDrop(oil, flow, back);
      more = dropAfter - dropBefore;
      before.effect(OilSays.FILTER_SEES, feed, dropBefore);
      after.effect(OilSays.FILTER_SEES, back, dropAfter);
    }
    before.effect(OilSays.FILTER_COLD, coldOil, filterDrop(oil, flow * 0.4, coldOil));
    after.effect(OilSays.FILTER_COLD_LONGER);
    before.effect(OilSays.KEEPS_COOLER_CLEAN);
    after.effect(OilSays.CATCHES_SHEDDING);
    Held chosen = used || more <= FILTER_HEAVY ? after : before;
    return Dispute.of(
        OilSays.FILTER.with(),
        Measure.LEAST,
        List.of(before, after),
        chosen,
        (chosen == after ? OilSays.FILTER_AFTER_COSTS : OilSays.FILTER_AFTER_TOO_THICK).with(more),
        OilSays.FILTER_OTHERWISE.with());
  }

  /** Temperature of the oil on its way back, °C. */
  private static double returning(Held side) {
    double taken = side.balance().heat().throughCoolers() + side.balance().heat().tank();
    return side.verdict().feed().peak() - taken / side.oilCapacity();
  }

  private static double filterDrop(TransmissionFluid oil, double flow, double temperature) {
    double known =
        Math.max(TransmissionFluid.VALID_LOW, Math.min(TransmissionFluid.VALID_HIGH, temperature));
    return FILTER.clean(flow, oil.viscosity(known));
  }
}
