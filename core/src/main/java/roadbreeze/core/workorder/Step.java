package roadbreeze.core.workorder;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import roadbreeze.core.problem.Problem;

/**
 * One task of a work order as it is put in its place: what must be true of the truck, and what it
 * makes true. States are what a person would call them: {@code front open}, {@code coolant out}.
 *
 * @param needs states that hold from its beginning to its end
 * @param without states that must not hold meanwhile
 * @param makes states that hold once it has ended, its waiting too
 * @param ends states that hold no more from its beginning on
 * @param behind places that it works at
 * @param hides places that nobody can reach any more once it has begun
 * @param hands minutes of hands
 * @param waits minutes after them that pass by themselves: cure, soak, cool down
 * @param people hands that it takes, 1 or 2
 * @param under somebody lies under the truck
 */
@RecordBuilder
public record Step(
    String id,
    Set<String> needs,
    Set<String> without,
    Set<String> makes,
    Set<String> ends,
    Set<String> behind,
    Set<String> hides,
    int hands,
    int waits,
    int people,
    boolean under)
    implements StepBuilder.With {

  /** Nobody works longer at one thing without a break between, min. */
  private static final int LONGEST = 24 * 60;

  public Step {
    needs = Set.copyOf(needs);
    without = Set.copyOf(without);
    makes = Set.copyOf(makes);
    ends = Set.copyOf(ends);
    behind = Set.copyOf(behind);
    hides = Set.copyOf(hides);
    if (hands < 0 || waits < 0 || hands > LONGEST || waits > 7 * LONGEST) {
      throw Problem.TASK_MINUTES.refuse(Math.min(hands, waits) * 60.0);
    }
    if (people < 1 || people > 2) {
      throw Problem.TASK_PEOPLE.refuse(people);
    }
  }

  /** Until its states hold, min. */
  public int lasts() {
    return hands + waits;
  }
}
