package roadbreeze.server.message;

import jakarta.annotation.Nullable;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import roadbreeze.core.explain.Kind;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * The table of units, shared with the screens: what a quantity is shown in, and what the API's
 * fields hold it in.
 */
public final class Units {
  /** Who reads. */
  public enum World {
    METRIC,
    IMPERIAL
  }

  /** SI = (value + offset) · si. */
  public record Unit(String label, List<String> names, double si, @Nullable Double offset) {
    public double toSi(double value) {
      return (value + (offset == null ? 0 : offset)) * si;
    }

    public double fromSi(double value) {
      return value / si - (offset == null ? 0 : offset);
    }
  }

  /** A unit of a row, and how many digits are usual in it. */
  public record Shown(int unit, int digits) {}

  /** One kind of quantity. */
  public record Row(List<Unit> units, int field, Shown metric, Shown imperial) {}

  private static final Map<String, Row> TABLE = read();

  private Units() {}

  private static Map<String, Row> read() {
    try (InputStream table = Units.class.getResourceAsStream("/words/units.json")) {
      return JsonMapper.shared().readValue(table, new TypeReference<>() {});
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public static Row of(Kind kind) {
    return TABLE.get(kind.key());
  }

  /** A kind by its key in the table. */
  public static Kind kind(String key) {
    return Stream.of(Kind.values()).filter(k -> k.key().equals(key)).findFirst().orElseThrow();
  }

  /** The unit that the API's fields of this kind are in. */
  public static Unit field(Kind kind) {
    Row row = of(kind);
    return row.units().get(row.field());
  }

  /** A value of an API field as SI. */
  public static double si(double value, Kind kind) {
    return field(kind).toSi(value);
  }

  /** A quantity with its unit. */
  public static String format(double si, Kind kind, World world) {
    return format(si, kind, world, shown(kind, world).digits());
  }

  /** The same with so many digits after the point. */
  public static String format(double si, Kind kind, World world, int digits) {
    Unit unit = of(kind).units().get(shown(kind, world).unit());
    double coarse = Math.pow(10, Math.max(0, -digits));
    double shown = digits < 0 ? Math.round(unit.fromSi(si) / coarse) * coarse : unit.fromSi(si);
    String number = String.format(Locale.ROOT, "%." + Math.max(0, digits) + "f", shown);
    if (Double.parseDouble(number) == 0) {
      number = number.replace("-", "");
    }
    String space = unit.label().isEmpty() ? "" : unit.label().matches("[%°]") ? "\u202f" : "\u00a0";
    return number.replace('-', '−') + space + unit.label();
  }

  private static Shown shown(Kind kind, World world) {
    Row row = of(kind);
    return world == World.METRIC ? row.metric() : row.imperial();
  }

  /** The unit that a reader of a world sees this kind in. */
  public static Unit shownIn(Kind kind, World world) {
    return of(kind).units().get(shown(kind, world).unit());
  }

  /** A unit of a kind by its label or any of its names, however it is spelled. */
  public static Optional<Unit> named(Kind kind, String written) {
    String plain = spelled(written);
    return plain.isEmpty()
        ? Optional.empty()
        : of(kind).units().stream()
            .filter(
                u ->
                    spelled(u.label()).equals(plain)
                        || u.names().stream().anyMatch(n -> spelled(n).equals(plain)))
            .findFirst();
  }

  private static String spelled(String unit) {
    return unit.toLowerCase(Locale.ROOT)
        .replace("³", "3")
        .replace("²", "2")
        .replaceAll("[°/·\\s]", "");
  }

  /** Millimetres as metres. */
  public static double mm(double millimetres) {
    return si(millimetres, Kind.SIZE);
  }

  /** A number that may be missing, as the core takes it. */
  public static OptionalDouble optional(Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  /** Numbers as the core takes them. */
  public static double[] array(List<Double> values) {
    return values.stream().mapToDouble(Double::doubleValue).toArray();
  }
}
