package roadbreeze.server.log;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import roadbreeze.core.explain.Code;
import roadbreeze.core.log.Channel;
import roadbreeze.core.log.LogWatch;
import roadbreeze.server.message.Units;

/**
 * Reads a logger's file row by row. Nothing of it is dropped without being counted: a row without a
 * time that can be read, or with one before that of the row before, is broken; a number that cannot
 * be read is none, and counted.
 */
public final class LogRows {
  /** Broken rows are counted; so many are shown. */
  private static final int MOST_SHOWN = 50;

  /** A field longer than this is no number. */
  private static final int LONGEST = 60;

  /** What is wrong with a row. */
  public enum Fault implements Code {
    NO_TIME,
    TIME_FALLS,
    NO_NUMBER
  }

  /**
   * A row that is broken, as it stands in the file.
   *
   * @param line from 1
   */
  public record BrokenRow(long line, Fault fault, String text) {}

  /** Takes rows as they come. */
  public interface Sink {
    /**
     * @param time s since the first row
     * @param values SI, not a number where there is none; the array is used again
     */
    void row(double time, double[] values) throws IOException;
  }

  /**
   * What was read.
   *
   * @param rows that were taken
   * @param broken by what is wrong with them
   * @param seconds from the first row to the last
   */
  public record LogRead(
      long rows,
      Map<Fault, Long> broken,
      List<BrokenRow> shown,
      double seconds,
      LogTime time,
      LogWatch watch) {}

  private final LogPlan plan;
  private final List<Integer> kept;
  private final List<Channel> channels = new ArrayList<>();
  private final List<Units.Unit> units = new ArrayList<>();
  private final Map<Fault, Long> broken = new EnumMap<>(Fault.class);
  private final List<BrokenRow> shown = new ArrayList<>();

  private LogRows(LogPlan plan) {
    this.plan = plan;
    kept = plan.kept();
    for (int column : kept) {
      LogPlan.LogColumn c = plan.columns().get(column);
      channels.add(c.channel());
      units.add(unit(c));
    }
  }

  private static Units.Unit unit(LogPlan.LogColumn c) {
    return Units.of(c.channel().kind()).units().stream()
        .filter(u -> u.label().equals(c.unit()))
        .findFirst()
        .orElseGet(() -> new Units.Unit(c.unit(), List.of(), 1, null));
  }

  static CSVFormat format(String separator) {
    return CSVFormat.DEFAULT
        .builder()
        .setDelimiter(separator)
        .setIgnoreEmptyLines(false)
        .setTrim(false)
        .get();
  }

  /**
   * @throws UncheckedIOException if the file ends in the middle of a quoted field
   */
  public static LogRead of(Reader text, LogPlan plan, Sink sink) throws IOException {
    return new LogRows(plan).read(text, sink);
  }

  private LogRead read(Reader text, Sink sink) throws IOException {
    LogTime time = new LogTime(plan);
    LogWatch watch = new LogWatch(channels);
    double[] values = new double[kept.size()];
    double last = Double.NEGATIVE_INFINITY;
    long rows = 0;
    try (CSVParser parser = CSVParser.parse(text, format(plan.separator()))) {
      Iterator<CSVRecord> records = parser.iterator();
      for (int i = 0; i < plan.skip() && records.hasNext(); i++) {
        records.next();
      }
      while (records.hasNext()) {
        CSVRecord fields = records.next();
        if (fields.size() == 1 && fields.get(0).isBlank()) {
          continue; // an empty line
        }
        OptionalDouble at = time.next(fields.toList());
        if (at.isEmpty()) {
          broken(Fault.NO_TIME, fields);
        } else if (at.getAsDouble() <= last && rows > 0) {
          broken(Fault.TIME_FALLS, fields);
        } else {
          last = at.getAsDouble();
          if (!numbers(fields, values)) {
            broken(Fault.NO_NUMBER, fields);
          }
          watch.row(last, values);
          sink.row(last, values);
          rows++;
        }
      }
    }
    return new LogRead(rows, broken, shown, rows == 0 ? 0 : last, time, watch);
  }

  /** False where something is there that is no number; it is none then. */
  private boolean numbers(CSVRecord fields, double[] values) {
    boolean all = true;
    for (int i = 0; i < values.length; i++) {
      String text = kept.get(i) < fields.size() ? fields.get(kept.get(i)) : "";
      values[i] = Double.NaN;
      if (!text.isBlank() && !NOTHING.contains(text.strip().toLowerCase(Locale.ROOT))) {
        double read = number(text);
        all &= !Double.isNaN(read);
        values[i] = units.get(i).toSi(read);
      }
    }
    return all;
  }

  private static final List<String> NOTHING =
      Arrays.asList("nan", "null", "n/a", "na", "-", "--", "---");

  private static final List<String> ON = List.of("on", "true", "yes");
  private static final List<String> OFF = List.of("off", "false", "no");

  private double number(String text) {
    String plain = text.strip();
    if (plain.length() > LONGEST) {
      return Double.NaN;
    }
    String word = plain.toLowerCase(Locale.ROOT);
    if (ON.contains(word)) {
      return 1;
    }
    if (OFF.contains(word)) {
      return 0;
    }
    try {
      double read = LogTime.number(plain, plan.decimalComma());
      return Double.isFinite(read) ? read : Double.NaN;
    } catch (NumberFormatException e) {
      return Double.NaN;
    }
  }

  private void broken(Fault fault, CSVRecord fields) {
    broken.merge(fault, 1L, Long::sum);
    if (shown.size() < MOST_SHOWN) {
      String text = String.join(plan.separator(), fields.toList());
      shown.add(
          new BrokenRow(
              fields.getRecordNumber(),
              fault,
              text.length() > 200 ? text.substring(0, 200) + " …" : text));
    }
  }
}
