package roadbreeze.server.order;

import com.fasterxml.jackson.annotation.JsonProperty;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.workorder.Caution;
import roadbreeze.core.workorder.EngineState;
import roadbreeze.core.workorder.Step;
import roadbreeze.core.workorder.Task;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.core.workorder.WorkScope.Sort;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Row;

/**
 * A task as it stands in a file of tasks. Its texts may hold quantities in braces, {@code {300
 * mm}}, which are shown in the reader's units; see {@link InText}. What a file leaves out is empty.
 *
 * @param family whose measured minutes it shares
 * @param how it is done
 * @param why it is done
 * @param forAny belongs to a plan with any of these
 * @param wherever also belongs to a plan in which another task makes one of these states
 * @param given only where all of these are so
 * @param except only where none of these is
 * @param access belongs to a plan only where its state is needed, or was opened
 * @param each is done once for each of these
 * @param usual number of them where none is planned yet, null one
 * @param shows what the plan fills in beside it
 * @param check how one sees that it is right
 * @param mistake that is usual
 */
record TaskData(
    @NotNull @Pattern(regexp = TaskData.ID) @Size(max = 40) String id,
    @NotNull @Pattern(regexp = TaskData.ID) @Size(max = 40) String family,
    @NotBlank @Size(max = 120) String title,
    @NotBlank @Size(max = 600) String how,
    @NotBlank @Size(max = 300) String why,
    @JsonProperty("for") @NotNull Set<@NotNull Part> forAny,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> wherever,
    @NotNull Set<@NotNull Part> given,
    @NotNull Set<@NotNull Part> except,
    boolean access,
    @Nullable Sort each,
    @Nullable @Within(min = 1, max = 20, kind = Kind.COUNT) Integer usual,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> needs,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> without,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> makes,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> ends,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> behind,
    @NotNull Set<@NotNull @Pattern(regexp = TaskData.ID) String> hides,
    @NotNull @Within(min = 0, max = Step.LONGEST, kind = Kind.COUNT) Integer hands,
    @Within(min = 0, max = Step.LONGEST_WAIT, kind = Kind.COUNT) int waits,
    @Nullable @Within(min = 1, max = 2, kind = Kind.COUNT) Integer people,
    boolean under,
    @NotNull EngineState engine,
    @NotNull @Size(max = 20) List<@NotBlank @Size(max = 120) String> tools,
    @NotNull @Size(max = 20) List<@NotBlank @Size(max = 120) String> parts,
    @NotNull @Size(max = 20) List<@NotBlank @Size(max = 120) String> carries,
    @NotNull @Size(max = 8) @DistinctIds List<@NotNull @Valid TaskReading> readings,
    @NotNull @Size(max = 12) List<@NotBlank @Size(max = 120) String> photos,
    @NotNull Set<@NotNull Caution> cautions,
    @NotNull Set<@NotNull Shows> shows,
    @Nullable @Size(max = 300) String check,
    @Nullable @Size(max = 300) String mistake)
    implements Row {
  /** Of a task, a family, a state or a place. */
  static final String ID = "[a-z][a-z0-9-]*";

  /** What the plan fills in beside a task. */
  enum Shows {
    PARTS,
    PLACE,
    FLAT,
    HOLES,
    BENDS,
    STACK,
    HOSE,
    JOINTS,
    OIL,
    LEVEL,
    COOLANT,
    FILL,
    BLEED,
    PRESSED,
    OIL_LEVEL,
    RADIATOR,
    PLATE,
    CARRIED,
    THERMOSTAT,
    CAP,
    FAN,
    WIRES,
    BOX,
    SWITCH_POINTS,
    LEAKS,
    PROOF
  }

  TaskData {
    forAny = sorted(forAny);
    wherever = sorted(wherever);
    given = sorted(given);
    except = sorted(except);
    needs = sorted(needs);
    without = sorted(without);
    makes = sorted(makes);
    ends = sorted(ends);
    behind = sorted(behind);
    hides = sorted(hides);
    engine = Objects.requireNonNullElse(engine, EngineState.STOPPED);
    tools = Objects.requireNonNullElse(tools, List.of());
    parts = Objects.requireNonNullElse(parts, List.of());
    carries = Objects.requireNonNullElse(carries, List.of());
    readings = Objects.requireNonNullElse(readings, List.of());
    photos = Objects.requireNonNullElse(photos, List.of());
    cautions = sorted(cautions);
    shows = sorted(shows);
  }

  private static <T extends Comparable<T>> Set<T> sorted(@Nullable Set<T> set) {
    return set == null || set.contains(null) ? Set.of() : new TreeSet<>(set);
  }

  Task toCore() {
    Step step =
        new Step(
            id,
            needs,
            without,
            makes,
            ends,
            behind,
            hides,
            hands,
            waits,
            Objects.requireNonNullElse(people, 1),
            under,
            engine);
    return new Task(
        family,
        forAny,
        wherever,
        given,
        except,
        access,
        Optional.ofNullable(each),
        Objects.requireNonNullElse(usual, 1),
        step);
  }

  /** All that is written in it for people. */
  List<String> texts() {
    return Stream.of(
            List.of(title, how, why),
            check == null ? List.<String>of() : List.of(check),
            mistake == null ? List.<String>of() : List.of(mistake),
            tools,
            parts,
            carries,
            photos)
        .flatMap(List::stream)
        .toList();
  }
}
