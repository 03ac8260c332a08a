package roadbreeze.server.order;

import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.message.Units;

/** Quantities in a person's text, {@code {300 mm}}, in the reader's units. */
final class InText {
  /** Which units stand in texts, and for what; the screens have the same in {@code inText.ts}. */
  private static final Map<String, Kind> KINDS =
      Map.of(
          "mm", Kind.SIZE,
          "m", Kind.LENGTH,
          "°C", Kind.TEMPERATURE,
          "K", Kind.DIFFERENCE,
          "kPa", Kind.PRESSURE,
          "L", Kind.VOLUME,
          "N·m", Kind.TORQUE,
          "V", Kind.VOLTAGE,
          "A", Kind.CURRENT,
          "%", Kind.PERCENT);

  private static final Pattern QUANTITY = Pattern.compile("\\{(-?\\d+(?:\\.\\d+)?) ([^{} ]+)}");

  private InText() {}

  /** Braces that hold nothing which can be said in another unit. */
  static boolean strange(String text) {
    String left = QUANTITY.matcher(text).replaceAll(m -> KINDS.containsKey(m.group(2)) ? "" : "{}");
    return left.contains("{") || left.contains("}");
  }

  /** The text with its quantities in a world's units, with as many digits as were written. */
  static String said(String text, Units.World world) {
    return QUANTITY.matcher(text).replaceAll(m -> Matcher.quoteReplacement(said(m, world)));
  }

  private static String said(MatchResult quantity, Units.World world) {
    Kind kind = KINDS.get(quantity.group(2));
    double value = Double.parseDouble(quantity.group(1));
    int point = quantity.group(1).indexOf('.');
    int digits = point < 0 ? 0 : quantity.group(1).length() - point - 1;
    boolean inches = kind == Kind.SIZE && world == Units.World.IMPERIAL;
    return Units.format(Units.si(value, kind), kind, world, inches ? 2 : digits);
  }
}
