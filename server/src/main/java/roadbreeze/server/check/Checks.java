package roadbreeze.server.check;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.check.Check;
import roadbreeze.core.check.Evidence;
import roadbreeze.core.check.Judgement;
import roadbreeze.core.check.Moment;
import roadbreeze.core.check.Stop;
import roadbreeze.core.check.Symptom;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.rig.Setup;
import roadbreeze.server.row.DistinctIds;

/**
 * The check bench of a job: a section.
 *
 * @param complaint what the driver has seen, and what not; nothing of what was not asked
 * @param moments temperatures read on the road
 * @param readings of checks, in the order they were taken; a check may be repeated
 * @param needle what the places of the dash needle mean on this truck
 */
public record Checks(
    @NotNull Map<Symptom, @NotNull Boolean> complaint,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid MomentRead> moments,
    @NotNull @Size(max = 200) @DistinctIds List<@NotNull @Valid CheckReading> readings,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid NeedlePlace> needle) {
  public static final Checks NONE = new Checks(Map.of(), List.of(), List.of(), List.of());

  /** The last reading of each check, before the work or after it. */
  public Map<Check, CheckReading> latest(boolean after) {
    Map<Check, CheckReading> latest = new EnumMap<>(Check.class);
    for (CheckReading reading : readings) {
      if (reading.after() == after) {
        latest.put(reading.check(), reading);
      }
    }
    return latest;
  }

  /**
   * Why the truck must not be driven, as the last reading of each check has it.
   *
   * @throws roadbreeze.core.problem.BadInputException if a reading cannot be
   */
  public List<Stop> stops() {
    Map<Check, CheckReading> last = new EnumMap<>(latest(false));
    last.putAll(latest(true));
    List<Stop> stops = new ArrayList<>();
    last.values().forEach(r -> Judgement.stops(r.check(), r.answers()).ifPresent(stops::add));
    return stops;
  }

  /** All that is known before the work, for the ranking. */
  public Evidence evidence(Setup setup, OperatingPoint day) {
    List<Evidence.Checked> checked = new ArrayList<>();
    latest(false)
        .forEach(
            (check, reading) -> {
              Judgement j = Judgement.of(check, reading.answers(), setup, day);
              if (j.verdict() == Judgement.Verdict.PASS || j.verdict() == Judgement.Verdict.FAIL) {
                checked.add(
                    new Evidence.Checked(check, j.verdict() == Judgement.Verdict.FAIL, j.found()));
              }
            });
    return new Evidence(complaint, read(day), checked);
  }

  /** Moments that somebody read a temperature at. */
  public List<Moment> read(OperatingPoint day) {
    return moments.stream().map(m -> m.toCore(day, needle)).filter(Moment::isRead).toList();
  }
}
