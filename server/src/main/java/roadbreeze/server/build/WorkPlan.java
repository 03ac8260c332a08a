package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.DistinctIds;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * How the yard goes about a build: who does it, by which of the schools, and what somebody wants
 * otherwise than the task library has it.
 *
 * @param people who work on it
 * @param lift the truck goes up on a lift, else on stands
 * @param comesCold the engine is cold when the day begins
 * @param extracted it stands indoors, its exhaust drawn off; else outdoors
 * @param dayHours that are worked in a day
 * @param added ids of tasks of the library that are done as well
 * @param leftOut ids of steps that are left out
 * @param ownTasks that no library has
 * @param minutes of steps that take longer or shorter here
 * @param fixed steps that begin at a time that somebody has said, or not before one
 */
@RecordBuilder
public record WorkPlan(
    @Within(min = 1, max = 2, kind = Kind.COUNT) int people,
    boolean lift,
    boolean comesCold,
    boolean extracted,
    @Within(min = 1, max = 24, kind = Kind.COUNT) double dayHours,
    @NotNull Filling filling,
    @NotNull Gasket gasket,
    @NotNull @Size(max = WorkPlan.MOST_ADDED) List<@NotBlank @Size(max = 60) String> added,
    @NotNull @Size(max = 200) List<@NotBlank @Size(max = 90) String> leftOut,
    @NotNull @Size(max = WorkPlan.MOST_OWN) @DistinctIds List<@NotNull @Valid OwnTask> ownTasks,
    @NotNull @Size(max = 200) @DistinctIds List<@NotNull @Valid StepMinutes> minutes,
    @NotNull @Size(max = 40) @DistinctIds List<@NotNull @Valid StepTime> fixed)
    implements WorkPlanBuilder.With {

  /** Tasks of the library that are done as well. */
  public static final int MOST_ADDED = 60;

  /** Tasks of its own. */
  public static final int MOST_OWN = 40;

  /** Letters of a task's title. */
  public static final int LONGEST_TITLE = 120;

  /** Nobody has chosen anything yet. */
  public static final WorkPlan USUAL =
      new WorkPlan(
          1,
          false,
          false,
          false,
          8,
          Filling.FUNNEL,
          Gasket.DRY,
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of());

  /** The schools of filling the coolant. */
  public enum Filling {
    FUNNEL(Part.FILL_FUNNEL),
    VACUUM(Part.FILL_VACUUM),
    NECK(Part.FILL_NECK),
    HEADER(Part.FILL_HEADER),
    HIGHEST(Part.FILL_HIGHEST);

    private final Part part;

    Filling(Part part) {
      this.part = part;
    }
  }

  /** The schools of sealing a thermostat's housing. */
  public enum Gasket {
    DRY(Part.GASKET_DRY),
    SEALED(Part.GASKET_SEALED);

    private final Part part;

    Gasket(Part part) {
      this.part = part;
    }
  }

  /**
   * A task of one's own.
   *
   * @param title what is done
   * @param comesAfter ids of steps that come first
   * @param comesBefore ids of steps that come later
   */
  public record OwnTask(
      @Id String id,
      @NotBlank @Size(max = LONGEST_TITLE) String title,
      @Within(min = 0, max = 1440, kind = Kind.COUNT) int hands,
      @Within(min = 0, max = 10080, kind = Kind.COUNT) int waits,
      @Within(min = 1, max = 2, kind = Kind.COUNT) int people,
      boolean under,
      @NotNull @Size(max = 20) List<@NotBlank @Size(max = 90) String> comesAfter,
      @NotNull @Size(max = 20) List<@NotBlank @Size(max = 90) String> comesBefore)
      implements Row {}

  /**
   * Minutes of a step as they are here.
   *
   * @param id of the step
   */
  public record StepMinutes(
      @NotBlank @Size(max = 90) String id,
      @Within(min = 0, max = 1440, kind = Kind.COUNT) int hands,
      @Nullable @Within(min = 0, max = 10080, kind = Kind.COUNT) Integer waits)
      implements Row {}

  /**
   * When a step begins.
   *
   * @param id of the step
   * @param minute of work from the beginning of the first day
   * @param exactly at that minute; else not before it, as with a part that comes later
   */
  public record StepTime(
      @NotBlank @Size(max = 90) String id,
      @Within(min = 0, max = 30000, kind = Kind.COUNT) int minute,
      boolean exactly)
      implements Row {}

  /** The same by a school of filling or of sealing. */
  public WorkPlan by(Part school) {
    WorkPlan other = this;
    for (Filling f : Filling.values()) {
      other = f.part == school ? other.withFilling(f) : other;
    }
    for (Gasket g : Gasket.values()) {
      other = g.part == school ? other.withGasket(g) : other;
    }
    return other;
  }

  /** A circumstance is so. */
  public boolean is(Part circumstance) {
    return circumstances().contains(circumstance);
  }

  /** What decides between ways of doing the same. */
  Set<Part> circumstances() {
    Set<Part> parts = EnumSet.of(filling.part, gasket.part, lift ? Part.LIFT : Part.STANDS);
    if (comesCold) {
      parts.add(Part.COMES_COLD);
    }
    if (extracted) {
      parts.add(Part.EXTRACTED);
    }
    return parts;
  }
}
