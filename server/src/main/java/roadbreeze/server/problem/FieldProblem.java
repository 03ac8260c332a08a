package roadbreeze.server.problem;

import roadbreeze.server.message.Said;

/**
 * What is wrong with one field.
 *
 * @param field path in the request, as in {@code haul.gradePercent}; of a row in a list by its
 *     place
 */
public record FieldProblem(String field, Said said) {
  /** No path of ours is longer; what a request made up is not said back whole. */
  private static final int LONGEST = 80;

  public FieldProblem {
    field = field.substring(0, Math.min(LONGEST, field.length()));
  }
}
