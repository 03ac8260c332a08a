package roadbreeze.server.order;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.util.regex.Pattern;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Quantities in a person's text, {@code {300 mm}}, which the screens show in the reader's units.
 * The table of the units that may stand there is shared with them.
 */
final class InText {
  /** Unit, and kind of quantity. */
  private static final Map<String, String> KINDS = read();

  private static final Pattern QUANTITY = Pattern.compile("\\{-?\\d+(?:\\.\\d+)? ([^{} ]+)}");

  private InText() {}

  private static Map<String, String> read() {
    try (InputStream table = InText.class.getResourceAsStream("/words/inText.json")) {
      return JsonMapper.shared().readValue(table, new TypeReference<>() {});
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Braces that hold nothing which can be said in another unit. */
  static boolean strange(String text) {
    String left = QUANTITY.matcher(text).replaceAll(m -> KINDS.containsKey(m.group(1)) ? "" : "{}");
    return left.contains("{") || left.contains("}");
  }
}
