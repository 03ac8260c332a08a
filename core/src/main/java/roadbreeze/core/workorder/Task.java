package roadbreeze.core.workorder;

import java.util.Optional;
import java.util.Set;
import roadbreeze.core.workorder.WorkScope.Part;
import roadbreeze.core.workorder.WorkScope.Sort;

/**
 * A task of the library: which plans it belongs to, and the step that it is there.
 *
 * @param family whose measured minutes it shares
 * @param forAny it belongs to a plan with any of these
 * @param wherever it also belongs to a plan in which another task makes one of these states; where
 *     both are empty it belongs to every plan
 * @param given only where all of these are so
 * @param except only where none of these is
 * @param access it opens or closes something: it belongs to a plan only where another task needs
 *     what it makes, or something it ends was opened
 * @param each it is done once for each thing of this sort
 * @param usual so many of them where none is planned yet
 * @param step with the task's id
 */
public record Task(
    String family,
    Set<Part> forAny,
    Set<String> wherever,
    Set<Part> given,
    Set<Part> except,
    boolean access,
    Optional<Sort> each,
    int usual,
    Step step) {
  public Task {
    forAny = Set.copyOf(forAny);
    given = Set.copyOf(given);
    except = Set.copyOf(except);
    wherever = Set.copyOf(wherever);
  }

  public String id() {
    return step.id();
  }

  /** A plan of such parts brings it in by itself. */
  boolean belongs(Set<Part> parts) {
    boolean wanted =
        forAny.isEmpty() ? wherever.isEmpty() : forAny.stream().anyMatch(parts::contains);
    return !access && wanted && allowed(parts);
  }

  /** Nothing about such a plan speaks against it. */
  boolean allowed(Set<Part> parts) {
    return parts.containsAll(given) && except.stream().noneMatch(parts::contains);
  }

  /**
   * Other tasks of the plan bring it in.
   *
   * @param needed states that they need
   * @param made states that they make
   */
  boolean follows(Set<String> needed, Set<String> made) {
    boolean ends = step.ends().stream().anyMatch(made::contains);
    boolean opens = step.ends().isEmpty() && step.makes().stream().anyMatch(needed::contains);
    return wherever.stream().anyMatch(made::contains) || access && (opens || ends);
  }
}
