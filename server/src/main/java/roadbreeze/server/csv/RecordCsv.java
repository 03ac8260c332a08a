package roadbreeze.server.csv;

import jakarta.annotation.Nullable;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import roadbreeze.core.explain.Finding;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.ProblemAdvice;
import roadbreeze.server.problem.Within;

/**
 * Records as CSV, both ways. Columns are named after the record's components with their units,
 * {@code width_mm}; other units of the same quantity are taken in a column's name ({@code
 * width_in}) or in a cell ({@code 11 in}). Commas, semicolons or tabs; UTF-8, UTF-16 with its mark,
 * or Windows-1252.
 */
public final class RecordCsv {
  private static final int MOST_PROBLEMS = 50;
  private static final int MOST_ROWS = 100_000;

  /** What is wrong with one cell, or with a whole row where the column is null. */
  public record Trouble(long row, String column, String value, Finding finding) {}

  /** Records read, or the reasons why none was. */
  public record Reading(List<Record> records, List<Trouble> problems, long moreProblems) {}

  private static Optional<Units.Unit> unit(RecordComponent component, String written) {
    Within span = span(component);
    return span == null ? Optional.empty() : Units.named(span.kind(), written);
  }

  /** What a spreadsheet would work out instead of showing it; written with a quote before it. */
  private static final Pattern FORMULA = Pattern.compile("^[=+@\\t\\r-]");

  private static final Pattern GUARDED = Pattern.compile("^'[=+@\\t\\r-]");

  private final Class<? extends Record> type;
  private final RecordComponent[] components;
  private final Validator validator;
  private final Function<Record, String> key;
  private final List<Trouble> problems = new ArrayList<>();
  private long moreProblems;
  private NumberMarks marks = new NumberMarks(true, false);

  /**
   * @param key what a row is known by, null where rows may be alike
   */
  public RecordCsv(
      Class<? extends Record> type, Validator validator, @Nullable Function<Record, String> key) {
    this.type = type;
    this.key = key;
    this.validator = validator;
    components = type.getRecordComponents();
  }

  // --- out
  // -----------------------------------------------------------------------------------------

  public String write(List<? extends Record> records) {
    StringWriter out = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader(
                Arrays.stream(components).map(c -> column(c.getName())).toArray(String[]::new))
            .get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      for (Record part : records) {
        List<Object> cells = new ArrayList<>();
        for (RecordComponent component : components) {
          cells.add(cell(component.getAccessor().invoke(part)));
        }
        printer.printRecord(cells);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e); // a StringWriter does not fail
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("a record's accessors are public", e);
    }
    return out.toString();
  }

  private static Object cell(Object value) {
    if (value instanceof Double number) {
      return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
    }
    if (value instanceof List<?> list) {
      return list.stream()
          .map(RecordCsv::cell)
          .map(String::valueOf)
          .collect(Collectors.joining(" "));
    }
    return value instanceof String text ? guarded(text) : value;
  }

  /** Text that no spreadsheet takes for a formula. */
  public static String guarded(String text) {
    return FORMULA.matcher(text).find() ? "'" + text : text;
  }

  // --- in
  // ------------------------------------------------------------------------------------------

  public Reading read(byte[] file) {
    String text = decode(file);
    String header = text.lines().findFirst().orElse("");
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setDelimiter(separator(header))
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .get();
    List<Record> records = new ArrayList<>();
    Map<String, Long> rowOfCode = new HashMap<>();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      List<CSVRecord> rows = parser.getRecords();
      if (rows.isEmpty()) {
        problem(1, null, null, CsvFault.EMPTY_FILE.with());
      } else {
        records(rows, records, rowOfCode);
      }
    } catch (IOException | UncheckedIOException e) {
      problem(1, null, null, CsvFault.NOT_CSV.with());
    }
    return new Reading(problems.isEmpty() ? records : List.of(), problems, moreProblems);
  }

  private void records(List<CSVRecord> rows, List<Record> records, Map<String, Long> rowOfCode) {
    Map<Integer, Filled> columns = columns(rows.get(0));
    List<CSVRecord> filled = rows.subList(1, rows.size());
    if (!problems.isEmpty()) {
      return;
    }
    if (filled.size() > MOST_ROWS) {
      problem(MOST_ROWS + 1L, null, null, CsvFault.TOO_MANY_ROWS.with(MOST_ROWS));
      return;
    }
    marks = marks(filled, columns);
    for (CSVRecord row : filled) {
      Record part = part(row, columns);
      if (part != null) {
        if (key != null) {
          alone(part, row.getRecordNumber(), rowOfCode);
        }
        records.add(part);
      }
    }
  }

  /** No two rows have one key. */
  private void alone(Record part, long row, Map<String, Long> rowOfKey) {
    String its = key.apply(part);
    Long before = rowOfKey.putIfAbsent(its, row);
    if (before != null) {
      problem(row, "code", its, CsvFault.CODE_TWICE.with(before));
    }
  }

  private void problem(long row, String column, String value, Finding message) {
    if (problems.size() < MOST_PROBLEMS) {
      problems.add(new Trouble(row, column, value, message));
    } else {
      moreProblems++;
    }
  }

  private static String decode(byte[] file) {
    if (file.length >= 2 && (file[0] & 0xff) == 0xff && (file[1] & 0xff) == 0xfe) {
      return withoutMark(new String(file, StandardCharsets.UTF_16LE));
    }
    if (file.length >= 2 && (file[0] & 0xff) == 0xfe && (file[1] & 0xff) == 0xff) {
      return withoutMark(new String(file, StandardCharsets.UTF_16BE));
    }
    try {
      return withoutMark(
          StandardCharsets.UTF_8
              .newDecoder()
              .onMalformedInput(CodingErrorAction.REPORT)
              .decode(ByteBuffer.wrap(file))
              .toString());
    } catch (CharacterCodingException e) {
      // What spreadsheets write when they do not write UTF-8.
      return new String(file, Charset.forName("windows-1252"));
    }
  }

  private static String withoutMark(String text) {
    return text.startsWith("\uFEFF") ? text.substring(1) : text;
  }

  private static String separator(String header) {
    return header.contains("\t") ? "\t" : header.contains(";") ? ";" : ",";
  }

  /** Which component a column fills, and in which unit; null for the column's own. */
  private record Filled(int component, @Nullable Units.Unit unit) {}

  private Map<Integer, Filled> columns(CSVRecord header) {
    Map<Integer, Filled> columns = new HashMap<>();
    boolean[] there = new boolean[components.length];
    for (int i = 0; i < header.size(); i++) {
      String name = header.get(i).trim().toLowerCase(Locale.ROOT).replace(' ', '_');
      Filled column = find(name);
      if (column == null) {
        problem(1, header.get(i), null, CsvFault.NO_SUCH_COLUMN.with(allColumns()));
      } else if (there[column.component()]) {
        problem(1, header.get(i), null, CsvFault.COLUMN_TWICE.with());
      } else {
        there[column.component()] = true;
        columns.put(i, column);
      }
    }
    for (int c = 0; c < components.length; c++) {
      if (!there[c] && needed(components[c])) {
        problem(1, column(components[c].getName()), null, CsvFault.COLUMN_MISSING.with());
      }
    }
    return columns;
  }

  private Filled find(String name) {
    for (int c = 0; c < components.length; c++) {
      String own = column(components[c].getName());
      if (own.equals(name)) {
        return new Filled(c, null);
      }
      int cut = own.lastIndexOf('_');
      if (cut >= 0 && name.startsWith(own.substring(0, cut + 1))) {
        Optional<Units.Unit> unit = unit(components[c], name.substring(cut + 1));
        if (unit.isPresent()) {
          return new Filled(c, unit.get());
        }
      }
    }
    return null;
  }

  private String allColumns() {
    return Arrays.stream(components)
        .map(c -> column(c.getName()))
        .collect(Collectors.joining(", "));
  }

  private Record part(CSVRecord row, Map<Integer, Filled> columns) {
    Object[] values = new Object[components.length];
    long before = problems.size() + moreProblems;
    for (Map.Entry<Integer, Filled> entry : columns.entrySet()) {
      int c = entry.getValue().component();
      String text = entry.getKey() < row.size() ? row.get(entry.getKey()).trim() : "";
      values[c] = parse(row.getRecordNumber(), components[c], entry.getValue().unit(), text);
    }
    if (problems.size() + moreProblems > before) {
      return null;
    }
    Record part = build(values);
    for (ConstraintViolation<Record> violation : validator.validate(part)) {
      String name = violation.getPropertyPath().toString();
      problem(
          row.getRecordNumber(),
          column(name),
          String.valueOf(violation.getInvalidValue()),
          ProblemAdvice.fault(name, violation));
    }
    return problems.size() + moreProblems > before ? null : part;
  }

  private Object parse(long row, RecordComponent component, Units.Unit unit, String text) {
    Class<?> type = component.getType();
    String column = column(component.getName());
    if (text.isEmpty()) {
      if (needed(component)) {
        problem(row, column, text, CsvFault.EMPTY_CELL.with());
      }
      return null;
    }
    try {
      if (type == String.class) {
        return GUARDED.matcher(text).find() ? text.substring(1) : text;
      }
      if (type.isEnum()) {
        return constant(row, component, text);
      }
      if (type == int.class) {
        return BigDecimal.valueOf(number(component, null, text)).intValueExact();
      }
      if (type == List.class) {
        List<Double> list = new ArrayList<>();
        for (String number : text.split("[ |]+")) {
          list.add(number(component, unit, number));
        }
        return list;
      }
      return number(component, unit, text);
    } catch (BadCell e) {
      problem(row, column, text, e.finding);
      return null;
    } catch (NumberFormatException | ArithmeticException e) {
      problem(row, column, text, CsvFault.NOT_A_NUMBER.with());
      return null;
    }
  }

  private Object constant(long row, RecordComponent component, String text) {
    String wanted = text.toUpperCase(Locale.ROOT).replaceAll("[ -]+", "_");
    for (Object constant : component.getType().getEnumConstants()) {
      if (((Enum<?>) constant).name().equals(wanted)) {
        return constant;
      }
    }
    problem(
        row,
        column(component.getName()),
        text,
        CsvFault.NOT_A_CHOICE.with(
            Arrays.stream(component.getType().getEnumConstants())
                .map(Object::toString)
                .collect(Collectors.joining(", "))));
    return null;
  }

  private static final class BadCell extends RuntimeException {
    private final transient Finding finding;

    BadCell(Finding finding) {
      this.finding = finding;
    }
  }

  /** Where the number of a cell ends and its unit, if it names one, begins. */
  private static int numberEnd(String text) {
    int end = 0;
    while (end < text.length() && "+-0123456789.,eE".indexOf(text.charAt(end)) >= 0) {
      end++;
    }
    return end;
  }

  /** "11 in", "1,5", "280mm": a number, then perhaps a unit. */
  private double number(RecordComponent component, Units.Unit unit, String text) {
    int end = numberEnd(text);
    double value =
        marks
            .parse(text.substring(0, end))
            .orElseThrow(() -> new BadCell(CsvFault.TWO_READINGS.with()));
    String named = text.substring(end).trim();
    Units.Unit written =
        named.isEmpty()
            ? unit
            : unit(component, named)
                .orElseThrow(() -> new BadCell(CsvFault.UNIT_NOT_HERE.with(baseUnit(component))));
    if (written == null) {
      return value;
    }
    Units.Unit base = Units.field(span(component).kind());
    return Math.round(base.fromSi(written.toSi(value)) * 1e9) / 1e9;
  }

  private static String baseUnit(RecordComponent component) {
    Within span = span(component);
    return span == null ? "" : Units.field(span.kind()).label();
  }

  /** The numbers of a file, for what their marks mean. */
  private NumberMarks marks(List<CSVRecord> rows, Map<Integer, Filled> columns) {
    return NumberMarks.of(
        rows.stream()
            .flatMap(
                row ->
                    columns.entrySet().stream()
                        .filter(e -> e.getKey() < row.size())
                        .filter(e -> span(components[e.getValue().component()]) != null)
                        .flatMap(e -> Arrays.stream(row.get(e.getKey()).trim().split("[ |]+"))))
            .map(text -> text.substring(0, numberEnd(text))));
  }

  private Record build(Object[] values) {
    try {
      Class<?>[] types =
          Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
      Constructor<? extends Record> constructor = type.getDeclaredConstructor(types);
      return constructor.newInstance(values);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(
          "a record's constructor is public and takes its components", e);
    }
  }

  /** Whether a record cannot be without it. */
  public static boolean needed(RecordComponent component) {
    Class<?> type = component.getType();
    return type != Double.class
        && type != List.class
        && component.getAccessor().getAnnotation(Nullable.class) == null;
  }

  /** The span that stands with a component, null without one. */
  public static @Nullable Within span(RecordComponent component) {
    return component.getAccessor().getAnnotation(Within.class) != null
        ? component.getAccessor().getAnnotation(Within.class)
        : fieldSpan(component);
  }

  private static @Nullable Within fieldSpan(RecordComponent component) {
    try {
      return component
          .getDeclaringRecord()
          .getDeclaredField(component.getName())
          .getAnnotation(Within.class);
    } catch (NoSuchFieldException e) {
      throw new IllegalStateException("a record has a field for each component", e);
    }
  }

  private static String column(String component) {
    return component.replaceAll("([a-z0-9])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT);
  }
}
