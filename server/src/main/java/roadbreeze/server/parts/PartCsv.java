package roadbreeze.server.parts;

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
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * Parts as CSV, both ways. Columns are named after the record's components with their units, {@code
 * width_mm}; other units of the same quantity are taken in a column's name ({@code width_in}) or in
 * a cell ({@code 11 in}). Commas, semicolons or tabs; UTF-8, UTF-16 with its mark, or Windows-1252.
 */
final class PartCsv {
  private static final int MOST_PROBLEMS = 50;
  private static final int MOST_ROWS = 100_000;

  /** What is wrong with one cell, or with a whole row where the column is null. */
  record Problem(long row, String column, String value, String message) {}

  /** Parts read, or the reasons why none was. */
  record Reading(List<Record> parts, List<Problem> problems, long moreProblems) {}

  /** A unit that may stand for another: base = value × factor + shift. */
  private record Unit(double factor, double shift) {}

  private static final Map<String, Map<String, Unit>> OTHER_UNITS =
      Map.of(
          "mm", Map.of("in", new Unit(25.4, 0), "cm", new Unit(10, 0), "m", new Unit(1000, 0)),
          "m3s",
              Map.of(
                  "cfm",
                  new Unit(0.000471947443, 0),
                  "m3h",
                  new Unit(1 / 3600.0, 0),
                  "ls",
                  new Unit(0.001, 0)),
          "c", Map.of("f", new Unit(5 / 9.0, -32 * 5 / 9.0)),
          "kpa", Map.of("psi", new Unit(6.894757293, 0), "bar", new Unit(100, 0)),
          "kw", Map.of("hp", new Unit(0.745699872, 0), "w", new Unit(0.001, 0)),
          "k", Map.of("f", new Unit(5 / 9.0, 0)));

  private final Class<? extends Record> type;
  private final RecordComponent[] components;
  private final Validator validator;
  private final List<Problem> problems = new ArrayList<>();
  private long moreProblems;

  PartCsv(Class<? extends Record> type, Validator validator) {
    this.type = type;
    this.validator = validator;
    components = type.getRecordComponents();
  }

  // --- out
  // -----------------------------------------------------------------------------------------

  String write(List<? extends Record> parts) {
    StringWriter out = new StringWriter();
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setHeader(
                Arrays.stream(components).map(c -> column(c.getName())).toArray(String[]::new))
            .get();
    try (CSVPrinter printer = new CSVPrinter(out, format)) {
      for (Record part : parts) {
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
      return list.stream().map(PartCsv::cell).map(String::valueOf).collect(Collectors.joining(" "));
    }
    return value;
  }

  // --- in
  // ------------------------------------------------------------------------------------------

  Reading read(byte[] file) {
    String text = decode(file);
    String header = text.lines().findFirst().orElse("");
    CSVFormat format =
        CSVFormat.RFC4180
            .builder()
            .setDelimiter(separator(header))
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .get();
    List<Record> parts = new ArrayList<>();
    Map<String, Long> rowOfCode = new HashMap<>();
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
      Map<Integer, Column> columns = null;
      for (CSVRecord row : parser) {
        if (columns == null) {
          columns = columns(row);
          if (!problems.isEmpty()) {
            break;
          }
        } else if (parts.size() >= MOST_ROWS) {
          problem(
              row.getRecordNumber(), null, null, "a file may have " + MOST_ROWS + " parts at most");
          break;
        } else {
          Record part = part(row, columns);
          if (part != null) {
            String code = String.valueOf(value(part, "code"));
            Long before = rowOfCode.putIfAbsent(code, row.getRecordNumber());
            if (before != null) {
              problem(row.getRecordNumber(), "code", code, "stands in row " + before + " already");
            }
            parts.add(part);
          }
        }
      }
      if (columns == null) {
        problem(1, null, null, "the file is empty: the first row must name the columns");
      }
    } catch (IOException | UncheckedIOException e) {
      problem(
          1, null, null, "is not CSV: a quotation mark is not closed, or stands where none may");
    }
    return new Reading(problems.isEmpty() ? parts : List.of(), problems, moreProblems);
  }

  private void problem(long row, String column, String value, String message) {
    if (problems.size() < MOST_PROBLEMS) {
      problems.add(new Problem(row, column, value, message));
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

  /** Which component a column fills, and in which unit. */
  private record Column(int component, Unit unit) {}

  private Map<Integer, Column> columns(CSVRecord header) {
    Map<Integer, Column> columns = new HashMap<>();
    boolean[] there = new boolean[components.length];
    for (int i = 0; i < header.size(); i++) {
      String name = header.get(i).trim().toLowerCase(Locale.ROOT).replace(' ', '_');
      Column column = find(name);
      if (column == null) {
        problem(1, header.get(i), null, "is no column here; there are " + allColumns());
      } else if (there[column.component()]) {
        problem(1, header.get(i), null, "stands twice");
      } else {
        there[column.component()] = true;
        columns.put(i, column);
      }
    }
    for (int c = 0; c < components.length; c++) {
      if (!there[c] && needed(components[c])) {
        problem(1, column(components[c].getName()), null, "is missing from the first row");
      }
    }
    return columns;
  }

  private Column find(String name) {
    for (int c = 0; c < components.length; c++) {
      String own = column(components[c].getName());
      if (own.equals(name)) {
        return new Column(c, new Unit(1, 0));
      }
      int cut = own.lastIndexOf('_');
      Map<String, Unit> others = cut < 0 ? null : OTHER_UNITS.get(own.substring(cut + 1));
      if (others != null && name.startsWith(own.substring(0, cut + 1))) {
        Unit unit = others.get(name.substring(cut + 1));
        if (unit != null) {
          return new Column(c, unit);
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

  /** Whether a part can be without it: boxed numbers and lists may be null. */
  private static boolean needed(RecordComponent component) {
    return component.getType() != Double.class && component.getType() != List.class;
  }

  private Record part(CSVRecord row, Map<Integer, Column> columns) {
    Object[] values = new Object[components.length];
    long before = problems.size() + moreProblems;
    for (Map.Entry<Integer, Column> entry : columns.entrySet()) {
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
          violation.getMessage().trim());
    }
    return problems.size() + moreProblems > before ? null : part;
  }

  private Object parse(long row, RecordComponent component, Unit unit, String text) {
    Class<?> type = component.getType();
    String column = column(component.getName());
    if (text.isEmpty()) {
      if (needed(component)) {
        problem(row, column, text, "is empty");
      }
      return null;
    }
    try {
      if (type == String.class) {
        return text;
      }
      if (type.isEnum()) {
        return constant(row, component, text);
      }
      if (type == int.class) {
        return new BigDecimal(text).intValueExact();
      }
      if (type == List.class) {
        List<Double> list = new ArrayList<>();
        for (String number : text.split("[ |]+")) {
          list.add(number(component, unit, number));
        }
        return list;
      }
      return number(component, unit, text);
    } catch (NumberFormatException | ArithmeticException e) {
      problem(row, column, text, e instanceof UnknownUnit ? e.getMessage() : "is not a number");
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
        "must be one of "
            + Arrays.stream(component.getType().getEnumConstants())
                .map(Object::toString)
                .collect(Collectors.joining(", ")));
    return null;
  }

  private static final class UnknownUnit extends NumberFormatException {
    UnknownUnit(String message) {
      super(message);
    }
  }

  private static double number(RecordComponent component, Unit unit, String text) {
    // "11 in", "1,5", "280mm": a number, then perhaps a unit.
    int end = 0;
    while (end < text.length() && "+-0123456789.,eE".indexOf(text.charAt(end)) >= 0) {
      end++;
    }
    double value = Double.parseDouble(text.substring(0, end).replace(',', '.'));
    String named =
        text.substring(end)
            .trim()
            .toLowerCase(Locale.ROOT)
            .replace("°", "")
            .replace("³", "3")
            .replace("/", "");
    if (!named.isEmpty()) {
      String own = column(component.getName());
      String base = own.substring(own.lastIndexOf('_') + 1);
      Unit other =
          named.equals(base) ? new Unit(1, 0) : OTHER_UNITS.getOrDefault(base, Map.of()).get(named);
      if (other == null) {
        throw new UnknownUnit("has a unit that does not belong here; the column is in " + base);
      }
      return value * other.factor() + other.shift();
    }
    return value * unit.factor() + unit.shift();
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

  private static Object value(Record part, String name) {
    try {
      return part.getClass().getMethod(name).invoke(part);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("every part has a " + name, e);
    }
  }

  private static String column(String component) {
    return component.replaceAll("([a-z0-9])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT);
  }
}
