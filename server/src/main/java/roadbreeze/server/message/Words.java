package roadbreeze.server.message;

import com.ibm.icu.text.MessageFormat;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Findings in words, in the reader's units: for what the server writes itself. Reads the catalogue
 * that the screens read. A placeholder {@code {held}} has the usual digits of its kind; {@code
 * {held_0}} none, {@code {held_signed}} its sign, {@code {held_raw}} the bare number for a choice.
 */
public final class Words {
  /** Files of the catalogue. */
  static final List<String> FILES =
      List.of(
          "problems",
          "findings",
          "names",
          "settle",
          "wiring",
          "work",
          "proof",
          "followup",
          "checks",
          "fields");

  private static final Map<String, JsonNode> ENTRIES = read();

  private Words() {}

  private static Map<String, JsonNode> read() {
    Map<String, JsonNode> entries = new HashMap<>();
    for (String file : FILES) {
      try (InputStream in = Words.class.getResourceAsStream("/words/en/" + file + ".json")) {
        for (Map.Entry<String, JsonNode> group : JsonMapper.shared().readTree(in).properties()) {
          for (Map.Entry<String, JsonNode> entry : group.getValue().properties()) {
            entries.put(group.getKey() + "." + entry.getKey(), entry.getValue());
          }
        }
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return entries;
  }

  /** The catalogue's own entries, by code: a text, or words with why and what to do. */
  public static Map<String, JsonNode> entries() {
    return Map.copyOf(ENTRIES);
  }

  /** A choice of a field, {@code STEEL}, in words. */
  public static String choice(String constant) {
    return ENTRIES.get("choice." + constant).asString();
  }

  public static String of(Finding finding, Units.World world) {
    return render(finding.code().key(), finding.arguments(), world);
  }

  /** What a part is called. */
  public static String of(Name name) {
    return name(name, Units.World.METRIC);
  }

  private static String render(String key, Map<String, Argument> arguments, Units.World world) {
    JsonNode entry = ENTRIES.get(key);
    if (entry == null) {
      return key; // a test keeps this from happening
    }
    String pattern = entry.isString() ? entry.asString() : entry.get("words").asString();
    return new MessageFormat(pattern, Locale.ENGLISH).format(values(arguments, world));
  }

  private static Map<String, Object> values(Map<String, Argument> arguments, Units.World world) {
    Map<String, Object> values = new LinkedHashMap<>();
    arguments.forEach(
        (name, argument) -> {
          if (argument instanceof Argument.Amount amount) {
            amount(name, amount, world, values);
          } else {
            values.put(name, text(argument, world));
            values.put(
                name + "_raw", argument instanceof Argument.Word w ? w.code().key() : "none");
          }
        });
    return values;
  }

  private static void amount(
      String name, Argument.Amount amount, Units.World world, Map<String, Object> values) {
    Kind kind = amount.kind();
    double value = amount.value();
    String usual = Units.format(value, kind, world);
    values.put(name, usual);
    for (int digits = 0; digits <= 2; digits++) {
      values.put(name + "_" + digits, Units.format(value, kind, world, digits));
    }
    values.put(name + "_signed", (value > 0 ? "+" : "") + Units.format(value, kind, world, 1));
    values.put(name + "_raw", value);
  }

  private static String text(Argument argument, Units.World world) {
    if (argument instanceof Argument.Word word) {
      return render(word.code().key(), Map.of(), world);
    }
    if (argument instanceof Argument.Text text) {
      return text.text();
    }
    if (argument instanceof Argument.Named named) {
      return name(named.name(), world);
    }
    return ((Argument.Findings) argument)
        .findings().stream().map(f -> of(f, world)).collect(Collectors.joining("; "));
  }

  private static String name(Name name, Units.World world) {
    if (name.given() != null) {
      return name.given();
    }
    String noun = render(name.noun().key(), Map.of(), world);
    return name.number() == 0 ? noun : noun + " " + name.number();
  }
}
