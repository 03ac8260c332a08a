package roadbreeze.server.csv;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.server.message.Said;

/**
 * What is wrong with a cell, a row or, without either, the file.
 *
 * @param row of the file, its first is 1
 */
public record CellProblem(long row, @Nullable String column, @Nullable String value, Said said) {
  /** All that a reading told of. */
  public static List<CellProblem> of(RecordCsv.Reading reading) {
    return reading.problems().stream()
        .map(t -> new CellProblem(t.row(), t.column(), t.value(), Said.of(t.finding())))
        .toList();
  }
}
