package roadbreeze.server.check;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * What a place of the dash needle means, once read against a thermometer.
 *
 * @param place 0 cold to 100 at the end of the red
 */
public record NeedlePlace(
    @Id String id,
    @Within(min = 0, max = 100, kind = Kind.PERCENT) double place,
    @Within(min = 20, max = 150, kind = Kind.TEMPERATURE) double celsius)
    implements Row {

  /** A needle's place as a temperature, °C, between the two places next to it. */
  public static OptionalDouble celsius(List<NeedlePlace> table, double place) {
    List<NeedlePlace> sorted =
        table.stream().sorted(Comparator.comparingDouble(NeedlePlace::place)).toList();
    for (int i = 1; i < sorted.size(); i++) {
      NeedlePlace a = sorted.get(i - 1);
      NeedlePlace b = sorted.get(i);
      if (place >= a.place && place <= b.place && b.place > a.place) {
        double share = (place - a.place) / (b.place - a.place);
        return OptionalDouble.of(a.celsius + share * (b.celsius - a.celsius));
      }
    }
    return OptionalDouble.empty();
  }
}
