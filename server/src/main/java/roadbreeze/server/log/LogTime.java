package roadbreeze.server.log;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoField;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Reads the times of a log's rows, one after another. */
public final class LogTime {
  /** How a time is written. */
  public enum Form {
    SECONDS,
    MILLISECONDS,
    /** Since 1970. */
    EPOCH_SECONDS,
    EPOCH_MILLISECONDS,
    /** Hours, minutes, seconds. */
    CLOCK,
    /** Date and time, the year first. */
    STAMP,
    /** Date and time, the day first. */
    STAMP_DAY_FIRST,
    /** Date and time, the month first. */
    STAMP_MONTH_FIRST,
    /** It stands nowhere: rows come at one rate. */
    RATE
  }

  private static final double DAY = 86_400;

  /** A log is no finer than this, parts of a second. */
  private static final double MICROS = 1e6;

  private static final DateTimeFormatter TIME = format("");
  private static final List<DateTimeFormatter> YEAR_FIRST = formats("y-M-d ", "y/M/d ", "y.M.d ");
  private static final List<DateTimeFormatter> DAY_FIRST = formats("d.M.y ", "d/M/y ", "d-M-y ");
  private static final List<DateTimeFormatter> MONTH_FIRST = formats("M/d/y ", "M-d-y ");

  private final LogPlan plan;
  private final Reader reader;
  private double first = Double.NaN;
  private double before = Double.NaN;

  /** Days that a clock without a date has gone past midnight. */
  private double midnights;

  private long row;

  LogTime(LogPlan plan) {
    this.plan = plan;
    reader = new Reader(plan.time());
  }

  private static List<DateTimeFormatter> formats(String... dates) {
    return Stream.of(dates).map(LogTime::format).toList();
  }

  /** A date, and a clock with seconds and their parts as far as there are any. */
  private static DateTimeFormatter format(String date) {
    return new DateTimeFormatterBuilder()
        .appendPattern(date + "H:mm[:ss]")
        .appendFraction(ChronoField.NANO_OF_SECOND, 0, 9, true)
        .toFormatter(Locale.ENGLISH);
  }

  /**
   * Of the next row.
   *
   * @return s since the first row; empty where it cannot be read
   */
  OptionalDouble next(List<String> fields) {
    double raw = plan.time() == Form.RATE ? row * plan.every() : raw(fields);
    row++;
    if (Double.isNaN(raw)) {
      return OptionalDouble.empty();
    }
    if (plan.time() == Form.CLOCK) {
      // A clock falls back by most of a day at midnight alone.
      if (!Double.isNaN(before) && raw < before - DAY / 2) {
        midnights += DAY;
      }
      before = raw;
      raw += midnights;
    }
    first = Double.isNaN(first) ? raw : first;
    return OptionalDouble.of(Math.rint((raw - first) * MICROS) / MICROS);
  }

  /** When the first row was recorded; null where the file does not say. */
  public @Nullable Instant began() {
    return switch (plan.time()) {
      case EPOCH_SECONDS, EPOCH_MILLISECONDS, STAMP, STAMP_DAY_FIRST, STAMP_MONTH_FIRST ->
          Double.isNaN(first) ? null : Instant.ofEpochMilli(Math.round(first * 1000));
      default -> null;
    };
  }

  private double raw(List<String> fields) {
    StringBuilder text = new StringBuilder();
    for (int column : plan.timeColumns()) {
      if (column >= fields.size()) {
        return Double.NaN;
      }
      text.append(text.isEmpty() ? "" : " ").append(fields.get(column).strip());
    }
    return reader.read(text.toString(), plan.decimalComma());
  }

  /** Reads one form. */
  static final class Reader {
    private final Form form;

    /** The way of writing that the last one was read by: the next one is written so, too. */
    private DateTimeFormatter last;

    Reader(Form form) {
      this.form = form;
    }

    /** s, since whatever the form counts from; not a number where it cannot be read. */
    double read(String text, boolean decimalComma) {
      try {
        return switch (form) {
          case SECONDS, EPOCH_SECONDS -> number(text, decimalComma);
          case MILLISECONDS, EPOCH_MILLISECONDS -> number(text, decimalComma) / 1000;
          case CLOCK -> LocalTime.parse(text.strip().replace(',', '.'), TIME).toNanoOfDay() * 1e-9;
          case STAMP -> stamp(text, YEAR_FIRST);
          case STAMP_DAY_FIRST -> stamp(text, DAY_FIRST);
          case STAMP_MONTH_FIRST -> stamp(text, MONTH_FIRST);
          case RATE -> Double.NaN;
        };
      } catch (NumberFormatException | DateTimeParseException e) {
        return Double.NaN;
      }
    }

    private double stamp(String text, List<DateTimeFormatter> forms) {
      String plain =
          ZONE.matcher(text.strip().replace('T', ' ')).replaceFirst("").replace(',', '.');
      if (last != null) {
        return seconds(plain, last);
      }
      for (DateTimeFormatter form : forms) {
        double at = tried(plain, form);
        if (!Double.isNaN(at)) {
          last = form;
          return at;
        }
      }
      return Double.NaN;
    }

    private static double tried(String text, DateTimeFormatter form) {
      try {
        return seconds(text, form);
      } catch (DateTimeParseException e) {
        return Double.NaN;
      }
    }

    private static double seconds(String text, DateTimeFormatter form) {
      LocalDateTime at = LocalDateTime.parse(text, form);
      return at.toEpochSecond(ZoneOffset.UTC) + at.getNano() * 1e-9;
    }
  }

  /** As a logger wrote it: where its zone stands there it is left out, a drive has one. */
  private static final Pattern ZONE = Pattern.compile("(Z|[+-]\\d\\d:?\\d\\d)$");

  static double number(String text, boolean decimalComma) {
    String plain = text.strip();
    return Double.parseDouble(
        decimalComma ? plain.replace(".", "").replace(',', '.') : plain.replace(",", ""));
  }
}
