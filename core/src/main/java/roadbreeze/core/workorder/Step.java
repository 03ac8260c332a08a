package roadbreeze.core.workorder;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.TreeSet;
import roadbreeze.core.problem.Problem;

/**
 * One task of a work order as it is put in its place: what must be true of the truck, and what it
 * makes true. States are what a person would call them: {@code front-open}, {@code coolant-out}. A
 * step with a running engine asks what {@link EngineState} asks, and leaves the engine warm.
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
    boolean under,
    EngineState engine)
    implements StepBuilder.With {

  /** Nobody works longer at one thing without a break between, min. */
  public static final int LONGEST = 24 * 60;

  /** Nothing cures, soaks or cools for longer, min. */
  public static final int LONGEST_WAIT = 7 * LONGEST;

  public Step {
    needs = with(needs, engine.needs());
    without = with(without, engine.without());
    makes = Set.copyOf(makes);
    ends = engine.runs() ? with(ends, Set.of(EngineState.States.ENGINE_COLD)) : Set.copyOf(ends);
    behind = Set.copyOf(behind);
    hides = Set.copyOf(hides);
    if (hands < 0 || waits < 0 || hands > LONGEST || waits > LONGEST_WAIT) {
      throw Problem.TASK_MINUTES.refuse(Math.min(hands, waits) * 60.0);
    }
    if (people < 1 || people > 2) {
      throw Problem.TASK_PEOPLE.refuse(people);
    }
  }

  private static Set<String> with(Set<String> own, Set<String> more) {
    Set<String> all = new TreeSet<>(own);
    all.addAll(more);
    return Set.copyOf(all);
  }

  /** Until its states hold, min. */
  public int lasts() {
    return hands + waits;
  }
}
