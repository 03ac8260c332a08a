package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/** Readings that cannot be, or not together. */
public enum Contradiction implements Code {
  COLDER_THAN_AIR("which COUNT", "read TEMPERATURE", "air TEMPERATURE"),
  /** Read as Fahrenheit a temperature fits, as Celsius nothing does. */
  FAHRENHEIT("which COUNT", "read TEMPERATURE", "instead TEMPERATURE"),
  FITS_NOTHING("times RATIO"),
  CHECKS_DISAGREE("one WORD", "other WORD");

  /** Misfit from which readings are said to fit nothing. */
  private static final double MISFIT = 2.5;

  /** A Fahrenheit reading fits so well, K. */
  private static final double FITS = 25;

  private static final List<Set<Check>> SAME_THING =
      List.of(
          Set.of(Check.COOL_DAY, Check.THERMOSTAT_IN_PAN),
          Set.of(Check.FAN_FED, Check.RELAY_BRIDGED));

  private final List<Parameter> parameters;

  Contradiction(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** What does not go together. */
  public static List<Finding> among(Suspects suspects, Evidence evidence, Ranking ranking) {
    List<Finding> found = new ArrayList<>();
    for (int m = 0; m < evidence.moments().size(); m++) {
      Moment moment = evidence.moments().get(m);
      Seen sound = suspects.seen(List.of()).get(Sighting.POINTS + m);
      double air = moment.point().ambient();
      int which = m + 1;
      moment.coolant().ifPresent(t -> temperature(which, t, sound.coolant(), air, found));
      moment.pan().ifPresent(t -> temperature(which, t, sound.pan(), air, found));
    }
    if (found.isEmpty() && ranking.misfit() > MISFIT) {
      found.add(FITS_NOTHING.with(ranking.misfit()));
    }
    for (Set<Check> same : SAME_THING) {
      Set<Check> failed =
          evidence.checked().stream()
              .filter(c -> same.contains(c.check()) && c.failed())
              .map(Evidence.Checked::check)
              .collect(Collectors.toCollection(TreeSet::new));
      Set<Check> passed =
          evidence.checked().stream()
              .filter(c -> same.contains(c.check()) && !c.failed())
              .map(Evidence.Checked::check)
              .collect(Collectors.toCollection(TreeSet::new));
      if (!failed.isEmpty() && !passed.isEmpty()) {
        found.add(CHECKS_DISAGREE.with(failed.iterator().next(), passed.iterator().next()));
      }
    }
    return found;
  }

  private static void temperature(
      int which, double read, double expected, double air, List<Finding> found) {
    double instead = (read - 32) / 1.8;
    if (read < air - 1) {
      found.add(COLDER_THAN_AIR.with(which, read, air));
    } else if (Math.abs(read - expected) > 2 * FITS && Math.abs(instead - expected) < FITS) {
      found.add(FAHRENHEIT.with(which, read, instead));
    }
  }
}
