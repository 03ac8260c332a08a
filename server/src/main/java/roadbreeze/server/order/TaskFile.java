package roadbreeze.server.order;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Row;

/**
 * A file of tasks: what ships, book by book, and what a yard has of its own. Files are laid over
 * each other: a task, state or place of a later one replaces that of the same id. The schema beside
 * the shipped ones documents it.
 *
 * @param format {@link #FORMAT}
 * @param name of the book
 * @param states those that are shown, or that come and go; others are known by the task that makes
 *     them
 * @param places that tasks work at, or hide
 */
public record TaskFile(
    @NotNull @Pattern(regexp = TaskFile.FORMAT) String format,
    @Within(min = 1, max = TaskFile.VERSION, kind = Kind.COUNT) int formatVersion,
    @NotBlank @Size(max = 80) String name,
    @NotNull @Size(max = 60) @DistinctIds List<@NotNull @Valid TaskState> states,
    @NotNull @Size(max = 60) @DistinctIds List<@NotNull @Valid TaskPlace> places,
    @NotNull @Size(max = 400) @DistinctIds List<@NotNull @Valid TaskData> tasks) {

  static final String FORMAT = "road-breeze-tasks";

  static final int VERSION = 1;

  public TaskFile {
    states = Objects.requireNonNullElse(states, List.of());
    places = Objects.requireNonNullElse(places, List.of());
    tasks = Objects.requireNonNullElse(tasks, List.of());
  }

  /** A yard that has nothing of its own. */
  public static TaskFile none() {
    return new TaskFile(FORMAT, VERSION, "Our own tasks", List.of(), List.of(), List.of());
  }

  /**
   * A state of the truck.
   *
   * @param title as a person would say it
   * @param band it is shown along the day
   * @param comesAgain how often it may be opened in a day; 0 where it comes once
   * @param atFirst it holds at the beginning of plans with this, null of none
   */
  record TaskState(
      @NotNull @Pattern(regexp = TaskData.ID) @Size(max = 40) String id,
      @NotBlank @Size(max = 80) String title,
      boolean band,
      @Within(min = 0, max = 4, kind = Kind.COUNT) int comesAgain,
      @Nullable Part atFirst)
      implements Row {}

  /** A place on the truck. */
  record TaskPlace(
      @NotNull @Pattern(regexp = TaskData.ID) @Size(max = 40) String id,
      @NotBlank @Size(max = 80) String title)
      implements Row {}
}
