package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/** What a verdict means for the one who has to do something about it. */
public enum Advice implements Code {
  LIMITED_BY("fluid WORD", "lever WORD", "worth DIFFERENCE"),
  LIMITED_BY_TWO(
      "fluid WORD", "lever WORD", "worth DIFFERENCE", "next WORD", "nextWorth DIFFERENCE"),
  OIL_SAVED("air DIFFERENCE"),
  PAN_SAVED("air DIFFERENCE"),
  BOTH_OVER("coolant DIFFERENCE", "pan DIFFERENCE"),
  COOLANT_MARGINAL("band DIFFERENCE", "air DIFFERENCE"),
  PAN_OVER,
  SLIP_HEATS("heat POWER"),
  HOLD_LOWER(
      "gear COUNT", "feed DIFFERENCE", "pan DIFFERENCE", "coolant DIFFERENCE", "fuel PERCENT"),
  CLUTCH_SLIPS("grip PERCENT"),
  CONDENSER_WARMS("cost DIFFERENCE"),
  FRONT_CORES_WARM("cost DIFFERENCE"),
  COOLER_DOES("pan DIFFERENCE", "air PERCENT", "coolant DIFFERENCE"),
  OVERCOOLED("pan TEMPERATURE"),
  DRIVE_SLOWER("coolant DIFFERENCE"),
  NOTHING_NEEDED;

  /** A clutch that grips fully turns at 0.9 of its pulley. */
  private static final double CLUTCH_GRIPPED = 0.88;

  /** A side effect smaller than this is not worth a sentence, K. */
  private static final double WORTH_SAYING = 3;

  /** Oil feed that a lower gear must be worth before it is named, K. */
  private static final double WORTH_HOLDING = 10;

  /** Nor a lever that moves less, K. */
  private static final double MOVES = 0.05;

  private static final Set<Levers.Kind> OF_THE_TRUCK =
      EnumSet.of(
          Levers.Kind.AIR,
          Levers.Kind.CORE,
          Levers.Kind.OIL_FLOW,
          Levers.Kind.SLIP,
          Levers.Kind.PREHEAT);

  private final List<Parameter> parameters;

  Advice(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /**
   * @param limits of the truck
   * @param effect of the fitted coolers, empty where none is
   * @param chargeAir the truck has a charge-air cooler
   * @param lower what one gear lower would do, where the converter slips
   */
  public static List<Finding> of(
      Headroom h,
      List<Levers.Effect> levers,
      Limits limits,
      Optional<CoolerEffect> effect,
      boolean chargeAir,
      Optional<Levers.LowerGear> lower) {
    List<Finding> advice = new ArrayList<>();
    whatLimits(h, levers).ifPresent(advice::add);
    Standing coolant = h.coolant().standing();
    Standing pan = h.pan().standing();
    Levers.Effect air = levers.get(Levers.Kind.AIR.ordinal());
    if (coolant == Standing.OVER && pan != Standing.OVER) {
      Advice saved = h.feed().standing() == Standing.OVER ? PAN_SAVED : OIL_SAVED;
      advice.add(saved.with(air.coolant()));
    } else if (coolant == Standing.OVER) {
      advice.add(BOTH_OVER.with(air.coolant(), air.pan()));
    } else if (coolant == Standing.MARGINAL) {
      advice.add(COOLANT_MARGINAL.with(h.coolant().band(), air.coolant()));
    }
    if (pan == Standing.OVER && coolant != Standing.OVER) {
      advice.add(PAN_OVER.with());
    }
    if (h.feed().standing() == Standing.OVER && h.balance().driveline().converterHeat() > 0) {
      advice.add(SLIP_HEATS.with(h.balance().driveline().converterHeat()));
    }
    lower
        .filter(l -> l.feed() < -WORTH_HOLDING)
        .ifPresent(
            l -> advice.add(HOLD_LOWER.with(l.gear(), l.feed(), l.pan(), l.coolant(), l.fuel())));
    if (h.balance().fanEngagement() < CLUTCH_GRIPPED && h.standing() != Standing.HOLDS) {
      advice.add(CLUTCH_SLIPS.with(h.balance().fanEngagement()));
    }
    double preheat = -10 * levers.get(Levers.Kind.PREHEAT.ordinal()).coolant();
    if (preheat > WORTH_SAYING) {
      advice.add((chargeAir ? FRONT_CORES_WARM : CONDENSER_WARMS).with(preheat));
    }
    effect.ifPresent(e -> advice.add(COOLER_DOES.with(e.pan(), e.airLost(), e.coolant())));
    if (h.balance().sump() < limits.overcooledPan() && pan == Standing.HOLDS) {
      advice.add(OVERCOOLED.with(h.balance().sump()));
    }
    double slower = levers.get(Levers.Kind.SPEED.ordinal()).coolant();
    if (h.standing() == Standing.OVER && slower < -MOVES) {
      advice.add(DRIVE_SLOWER.with(slower));
    }
    if (h.standing() == Standing.HOLDS && effect.isEmpty()) {
      advice.add(NOTHING_NEEDED.with());
    }
    return advice;
  }

  /** The thing of the truck that ten per cent more of would help most, and the next one. */
  private static Optional<Finding> whatLimits(Headroom h, List<Levers.Effect> levers) {
    Fluid fluid = h.binding();
    List<Levers.Effect> ranked =
        levers.stream()
            .filter(l -> OF_THE_TRUCK.contains(l.kind()) && l.on(fluid) < -MOVES)
            .sorted(Comparator.comparingDouble(l -> l.on(fluid)))
            .toList();
    if (ranked.isEmpty()) {
      return Optional.empty();
    }
    Levers.Effect first = ranked.get(0);
    if (ranked.size() == 1) {
      return Optional.of(LIMITED_BY.with(fluid, first.kind(), first.on(fluid)));
    }
    Levers.Effect next = ranked.get(1);
    return Optional.of(
        LIMITED_BY_TWO.with(fluid, first.kind(), first.on(fluid), next.kind(), next.on(fluid)));
  }
}
