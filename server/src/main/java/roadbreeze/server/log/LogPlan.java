package roadbreeze.server.log;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.server.file.Sha256;
import roadbreeze.server.problem.Within;

/**
 * How a logger's file is read.
 *
 * @param separator between fields, one sign
 * @param decimalComma numbers have a comma before their decimals
 * @param skip lines before the first row of numbers
 * @param time how its time is written
 * @param timeColumns where that stands, from 0: one, or a date and a time; none where rows come at
 *     one rate
 * @param every between two rows where no column has the time, s
 * @param columns all of the file, in their order
 */
@RecordBuilder
public record LogPlan(
    @NotNull @Size(min = 1, max = 1) String separator,
    boolean decimalComma,
    @Within(min = 0, max = 500, kind = Kind.COUNT) int skip,
    @NotNull LogTime.Form time,
    @NotNull @Size(max = 2) List<@NotNull Integer> timeColumns,
    @Nullable @Within(min = 0.001, max = 3600, kind = Kind.DURATION) Double every,
    @NotNull @Size(min = 1, max = 200) List<@NotNull @Valid LogColumn> columns)
    implements LogPlanBuilder.With {

  /**
   * A column.
   *
   * @param name as the file has it
   * @param channel what it is; null where it is left out or has the time
   * @param unit its label in the table of units; empty where a channel has none
   * @param guessed its unit stands nowhere in the file, only its numbers speak for it
   */
  public record LogColumn(
      @NotNull @Size(max = 200) String name,
      @Nullable Channel channel,
      @NotNull @Size(max = 20) String unit,
      boolean guessed) {}

  /** By what files of one logger are known again: their columns' names and how they are written. */
  String shape() {
    return shape(separator, columns.stream().map(LogColumn::name).toList());
  }

  static String shape(String separator, List<String> names) {
    return Sha256.of(
        separator + names.stream().map(String::strip).collect(Collectors.joining("\n")));
  }

  /** Columns that are kept, by their places in the file. */
  public List<Integer> kept() {
    return IntStream.range(0, columns.size())
        .filter(i -> columns.get(i).channel() != null && !timeColumns.contains(i))
        .boxed()
        .toList();
  }
}
