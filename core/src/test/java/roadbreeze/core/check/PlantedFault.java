package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Uncertainty;

/** A truck with a fault that only it knows of, off the model as trucks are, and what it shows. */
public final class PlantedFault {
  /** Of readings, nine in ten, K. */
  private static final double READ_WITHIN = 2;

  private static final double FLAT_SPEED = 70 / 3.6;

  /** Spread of an amount that a check finds, as a share of mild to severe. */
  private static final double FOUND_WITHIN = 0.15;

  private final Setup sound;
  private final Judge judge;
  private final List<Fault.At> wrong;
  private final Random random;

  /**
   * @param wrong nothing, or one fault
   */
  public PlantedFault(Setup sound, Judge judge, List<Fault.At> wrong, Random random) {
    this.sound = sound;
    this.judge = judge;
    this.wrong = wrong;
    this.random = random;
  }

  /** One of those the truck can have, as often as the priors have it, of any amount. */
  public static Fault.At drawn(Setup sound, Priors priors, Random random) {
    List<Fault> can = new ArrayList<>();
    for (Fault fault : Fault.values()) {
      if (fault.canBeOf(sound) && priors.of(fault) > 0) {
        can.add(fault);
      }
    }
    double left = random.nextDouble() * can.stream().mapToDouble(priors::of).sum();
    for (Fault fault : can) {
      left -= priors.of(fault);
      if (left < 0) {
        return new Fault.At(fault, fault.amount(random.nextDouble()));
      }
    }
    throw new AssertionError("shares that do not add up");
  }

  /** A climb and a flat stretch of the same day, where somebody looks at coolant and pan. */
  public static List<Moment> moments(Judge judge) {
    OperatingPoint climb = judge.point();
    return List.of(
        read(climb, Double.NaN, Double.NaN),
        read(
            new OperatingPoint(
                0, FLAT_SPEED, climb.ambient(), climb.altitude(), climb.airConditioning()),
            Double.NaN,
            Double.NaN));
  }

  private static Moment read(OperatingPoint point, double coolant, double pan) {
    return new Moment(
        point, OptionalDouble.of(coolant), OptionalDouble.of(pan), READ_WITHIN, false);
  }

  /** What its driver complains of and somebody reads; empty where nobody would bring it in. */
  public Optional<Evidence> shows() {
    List<OperatingPoint> points = new ArrayList<>(Sighting.points(judge.point()));
    moments(judge).forEach(m -> points.add(m.point()));
    Factors own = Factors.NOMINAL;
    for (Uncertainty.Source source : judge.sources()) {
      double off = source.spread() / Margin.NINE_IN_TEN * random.nextGaussian();
      own = own.with(source.factor(), Math.max(0.3, 1 + off));
    }
    List<Seen> seen = Seen.of(Fault.on(sound, wrong), own, points);
    Map<Symptom, Boolean> complaint = complaint(seen);
    if (!complaint.containsValue(true)) {
      return Optional.empty();
    }
    List<Moment> read = new ArrayList<>();
    for (int i = Sighting.POINTS; i < points.size(); i++) {
      read.add(
          read(
              points.get(i),
              seen.get(i).coolant() + READ_WITHIN / Margin.NINE_IN_TEN * random.nextGaussian(),
              seen.get(i).pan() + READ_WITHIN / Margin.NINE_IN_TEN * random.nextGaussian()));
    }
    return Optional.of(new Evidence(complaint, read, List.of()));
  }

  private Map<Symptom, Boolean> complaint(List<Seen> seen) {
    double gauge =
        wrong.stream()
            .filter(at -> at.fault() == Fault.GAUGE_HIGH)
            .mapToDouble(Fault.At::amount)
            .sum();
    double[] felt = new double[Spread.FLUIDS * seen.size()];
    for (int p = 0; p < seen.size(); p++) {
      felt[Spread.FLUIDS * p] = seen.get(p).coolant() + gauge;
      felt[Spread.FLUIDS * p + 1] = seen.get(p).pan();
    }
    java.util.Set<Fault> which = new java.util.HashSet<>();
    wrong.forEach(at -> which.add(at.fault()));
    Sighting sighting = new Sighting(seen, which, judge.limits(), felt, new double[felt.length]);
    Map<Symptom, Boolean> complaint = new EnumMap<>(Symptom.class);
    for (Symptom symptom : Symptom.values()) {
      complaint.put(symptom, random.nextDouble() < sighting.probability(symptom));
    }
    return complaint;
  }

  /** What a check comes to on it. */
  public Evidence.Checked checked(Check check) {
    for (Fault.At at : wrong) {
      boolean looksAtIt = check.finds(at.fault()) > Check.FALSE_ALARM;
      if (looksAtIt && random.nextDouble() < check.finds(at.fault())) {
        List<Fault> alike = new ArrayList<>(check.alike(at.fault()));
        Fault named = alike.get(random.nextInt(alike.size()));
        return named == at.fault() ? found(check, named, at.amount()) : found(check, named);
      }
    }
    return random.nextDouble() < Check.FALSE_ALARM && !check.surelyFinds().isEmpty()
        ? found(check, check.surelyFinds().get(0))
        : Evidence.Checked.passed(check);
  }

  private Evidence.Checked found(Check check, Fault fault) {
    return found(check, fault, fault.amount(random.nextDouble()));
  }

  private Evidence.Checked found(Check check, Fault fault, double amount) {
    double span = fault.amount(1) - fault.amount(0);
    double read = amount + FOUND_WITHIN * span * random.nextGaussian();
    return new Evidence.Checked(check, true, List.of(new Fault.At(fault, read)));
  }
}
