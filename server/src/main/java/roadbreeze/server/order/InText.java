package roadbreeze.server.order;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.message.Units;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Quantities in a person's text, {@code {300 mm}}, which the screens show in the reader's units.
 * The table of the units that may stand there is shared with them.
 */
public final class InText {
  /** Unit, and kind of quantity. */
  private static final Map<String, String> KINDS = read();

  private static final Pattern QUANTITY = Pattern.compile("\\{(-?\\d+(?:\\.(\\d+))?) ([^{} ]+)}");

  /** Of a size in inches. */
  private static final int INCH_DIGITS = 2;

  private InText() {}

  private static Map<String, String> read() {
    try (InputStream table = InText.class.getResourceAsStream("/words/inText.json")) {
      return JsonMapper.shared().readValue(table, new TypeReference<>() {});
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A text with its quantities in a reader's units, with as many digits as were written. */
  public static String in(String text, Units.World world) {
    return QUANTITY
        .matcher(text)
        .replaceAll(
            m -> {
              String kind = KINDS.get(m.group(3));
              if (kind == null) {
                return Matcher.quoteReplacement(m.group());
              }
              boolean inches = kind.equals(Kind.SIZE.key()) && world == Units.World.IMPERIAL;
              int digits = inches ? INCH_DIGITS : m.group(2) == null ? 0 : m.group(2).length();
              Kind of = Units.kind(kind);
              double si = Units.si(Double.parseDouble(m.group(1)), of);
              return Matcher.quoteReplacement(Units.format(si, of, world, digits));
            });
  }

  /** Braces that hold nothing which can be said in another unit. */
  static boolean strange(String text) {
    String left = QUANTITY.matcher(text).replaceAll(m -> KINDS.containsKey(m.group(3)) ? "" : "{}");
    return left.contains("{") || left.contains("}");
  }
}
