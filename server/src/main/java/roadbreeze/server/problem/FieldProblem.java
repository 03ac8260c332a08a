package roadbreeze.server.problem;

import roadbreeze.server.message.Said;

/**
 * What is wrong with one field.
 *
 * @param field path in the request, as in {@code haul.gradePercent}; of a row in a list by its
 *     place
 */
public record FieldProblem(String field, Said said) {}
