package roadbreeze.server.log;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Refusal;

/**
 * The first lines of a logger's file, looked at: how its fields are parted, where its numbers
 * begin, and what its columns are called.
 */
final class LogHead {
  private static final List<String> SEPARATORS = List.of(",", ";", "\t", "|");
  private static final int MOST_LINES = 300;
  private static final int SAMPLE = 300;

  private static final Pattern POINT = Pattern.compile("-?\\d*\\.\\d+([eE][+-]?\\d+)?");
  private static final Pattern COMMA = Pattern.compile("-?\\d+,\\d+");

  /** A number, a date or a time by itself: no sign in it that parts fields. */
  private static final Pattern NUMBER =
      Pattern.compile("[-+\\d.,:/eETZ ]*\\d[-+\\d.,:/eETZ ]*( ?[AP]M)?");

  private final String separator;
  private final boolean decimalComma;
  private final int skip;
  private final List<String> names;
  private final List<String> unitRow;
  private final List<List<String>> rows;

  private LogHead(String separator, List<List<String>> lines) {
    this.separator = separator;
    int wide = usual(lines);
    decimalComma = !separator.equals(",") && count(lines, COMMA) > count(lines, POINT);
    skip = firstNumbers(lines, wide);
    List<String> above = skip > 0 ? lines.get(skip - 1) : List.of();
    boolean unitsAbove = skip > 1 && lines.get(skip - 2).size() == wide && unitsOnly(above);
    unitRow = unitsAbove ? above : List.of();
    List<String> head = unitsAbove ? lines.get(skip - 2) : above;
    names = new ArrayList<>();
    for (int i = 0; i < wide; i++) {
      String name = i < head.size() && head.size() == wide ? head.get(i).strip() : "";
      names.add(name.isEmpty() ? "column " + (i + 1) : name);
    }
    rows =
        lines.subList(skip, lines.size()).stream()
            .filter(l -> l.size() == wide)
            .limit(SAMPLE)
            .toList();
  }

  /**
   * @param text of its beginning
   * @throws roadbreeze.server.problem.RefusedRequestException if there are no rows of numbers in it
   */
  static LogHead of(String text) {
    LogHead best = null;
    for (String separator : SEPARATORS) {
      List<List<String>> lines = lines(text, separator);
      if (usual(lines) < 2 || firstNumbers(lines, usual(lines)) < 0) {
        continue;
      }
      LogHead head = new LogHead(separator, lines);
      if (best == null || head.worth() > best.worth()) {
        best = head;
      }
    }
    if (best == null) {
      throw Refusal.NO_ROWS_OF_NUMBERS.refuse();
    }
    return best;
  }

  private static List<List<String>> lines(String text, String separator) {
    List<List<String>> lines = new ArrayList<>();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), LogRows.format(separator))) {
      for (CSVRecord r : parser) {
        lines.add(r.toList());
        if (lines.size() == MOST_LINES) {
          return lines;
        }
      }
    } catch (IOException | UncheckedIOException e) {
      return lines; // the beginning ends somewhere in a quoted field
    }
    // The last line may have been cut.
    return lines.size() > 2 ? lines.subList(0, lines.size() - 1) : lines;
  }

  /** Fields of most lines. */
  private static int usual(List<List<String>> lines) {
    Map<Integer, Integer> counts = new HashMap<>();
    lines.forEach(l -> counts.merge(l.size(), 1, Integer::sum));
    return counts.entrySet().stream()
        .max(
            Map.Entry.<Integer, Integer>comparingByValue()
                .thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .orElse(0);
  }

  /** The line at which numbers begin; -1 where none does. */
  private static int firstNumbers(List<List<String>> lines, int wide) {
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).size() == wide && ofNumbers(lines.get(i))) {
        return i;
      }
    }
    return -1;
  }

  private static boolean ofNumbers(List<String> fields) {
    long there = fields.stream().filter(f -> !f.isBlank()).count();
    return there > 0 && fields.stream().filter(LogHead::isNumber).count() * 2 > there;
  }

  private static boolean isNumber(String field) {
    return NUMBER.matcher(field.strip()).matches();
  }

  /** A line under the names that says in what they are. */
  private static boolean unitsOnly(List<String> fields) {
    long there = fields.stream().filter(f -> !f.isBlank()).count();
    long units = fields.stream().filter(f -> ColumnGuess.unit(bare(f))).count();
    return there > 0 && units * 2 >= there;
  }

  private static long count(List<List<String>> lines, Pattern pattern) {
    return lines.stream()
        .flatMap(List::stream)
        .filter(f -> pattern.matcher(f.strip()).matches())
        .count();
  }

  /** Fields of its first rows that are numbers by themselves. */
  private long worth() {
    return rows.stream().flatMap(List::stream).filter(LogHead::isNumber).count();
  }

  private static String bare(String text) {
    return text.strip().replaceAll("^[\\[(]|[\\])]$", "").strip();
  }

  int wide() {
    return names.size();
  }

  List<String> names() {
    return names;
  }

  /** Numbers and words of a column, as they stand in the file. */
  List<String> column(int i) {
    return rows.stream().map(r -> r.get(i).strip()).filter(f -> !f.isEmpty()).toList();
  }

  /** The same of two columns, together. */
  List<String> columns(int one, int other) {
    return rows.stream().map(r -> r.get(one).strip() + " " + r.get(other).strip()).toList();
  }

  boolean decimalComma() {
    return decimalComma;
  }

  /** What it is guessed to be. */
  LogPlan plan(Units.World world) {
    LogTimeGuess time = LogTimeGuess.of(this, world);
    List<LogPlan.LogColumn> columns = new ArrayList<>();
    for (int i = 0; i < wide(); i++) {
      String unit = i < unitRow.size() ? bare(unitRow.get(i)) : "";
      columns.add(
          time.columns().contains(i)
              ? new LogPlan.LogColumn(names.get(i), null, "", false)
              : ColumnGuess.of(names.get(i), unit, numbers(i), world));
    }
    return new LogPlan(
        separator,
        decimalComma,
        skip,
        time.form(),
        time.columns(),
        time.form() == LogTime.Form.RATE ? Double.valueOf(1) : null,
        ColumnGuess.once(columns));
  }

  /** Numbers of a column, as far as they can be read. */
  double[] numbers(int column) {
    return column(column).stream()
        .map(this::number)
        .filter(d -> !d.isNaN())
        .sorted(Comparator.naturalOrder())
        .mapToDouble(Double::doubleValue)
        .toArray();
  }

  private Double number(String text) {
    try {
      return LogTime.number(text, decimalComma);
    } catch (NumberFormatException e) {
      return Double.NaN;
    }
  }
}
