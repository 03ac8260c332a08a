package roadbreeze.server.check;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.check.Answers;
import roadbreeze.core.check.Ask;
import roadbreeze.core.check.Check;
import roadbreeze.server.message.Units;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * What was read in a check.
 *
 * @param after the work, to be held against the one before
 * @param at when it was taken
 * @param by whose hand
 * @param tool with what
 * @param numbers in the units of the API; a grid has nine, from the top left
 */
@Asked
public record CheckReading(
    @Id String id,
    @NotNull Check check,
    boolean after,
    @NotNull Instant at,
    @NotNull @Size(max = 40) String by,
    @NotNull @Size(max = 60) String tool,
    @NotNull @Size(max = 12)
        Map<Ask, @NotNull @Size(min = 1, max = 10) List<@NotNull Double>> numbers,
    @NotNull @Size(max = 12) Map<Ask, Ask.@NotNull Answer> choices)
    implements Row {

  /**
   * @throws roadbreeze.core.problem.BadInputException if a number cannot be
   */
  public Answers answers() {
    Map<Ask, List<Double>> si = new EnumMap<>(Ask.class);
    numbers.forEach(
        (ask, values) -> si.put(ask, values.stream().map(v -> Units.si(v, ask.kind())).toList()));
    return new Answers(si, choices);
  }
}
