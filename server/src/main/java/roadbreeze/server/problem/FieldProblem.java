package roadbreeze.server.problem;

/**
 * What is wrong with one field.
 *
 * @param field path in the request, as in {@code haul.gradePercent}
 * @param value as sent, null if missing
 * @param low least allowed, null where the field has no span
 * @param high most allowed
 * @param unit of the span
 */
public record FieldProblem(
    String field, Object value, Double low, Double high, String unit, String message) {}
