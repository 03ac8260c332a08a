package roadbreeze.server.message;

import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;

/**
 * A finding on its way to whoever makes words of it.
 *
 * @param code of the catalogue's entry
 * @param values by the names the entry uses
 */
public record Said(String code, Map<String, Value> values) {
  /**
   * One value; what it is not is null.
   *
   * @param kind of a quantity, as the table of units spells it
   * @param value SI, °C where it is a temperature
   * @param word code whose words stand here
   * @param text of a person's own
   * @param name of a part
   * @param said findings inside this one
   */
  public record Value(
      @Nullable String kind,
      @Nullable Double value,
      @Nullable String word,
      @Nullable String text,
      @Nullable PartName name,
      @Nullable List<Said> said) {}

  /**
   * What a part is called.
   *
   * @param noun code of its kind's word
   * @param number among several, 0 where there is one
   * @param given by a person, null where the noun does
   */
  public record PartName(String id, String noun, int number, @Nullable String given) {
    public Name toCore() {
      Name.Noun known =
          Arrays.stream(Name.Noun.values())
              .filter(n -> n.key().equals(noun))
              .findFirst()
              .orElseThrow();
      return new Name(id, known, number, given);
    }

    public static PartName of(Name name) {
      return new PartName(name.id(), name.noun().key(), name.number(), name.given());
    }
  }

  public static Said of(Finding finding) {
    Map<String, Value> values = new LinkedHashMap<>();
    finding.arguments().forEach((name, argument) -> values.put(name, of(argument)));
    return new Said(finding.code().key(), values);
  }

  public static List<Said> of(List<Finding> findings) {
    return findings.stream().map(Said::of).toList();
  }

  /** One value alone. */
  public static Value of(Argument argument) {
    if (argument instanceof Argument.Amount a) {
      return new Value(a.kind().key(), a.value(), null, null, null, null);
    }
    if (argument instanceof Argument.Word w) {
      return new Value(null, null, w.code().key(), null, null, null);
    }
    if (argument instanceof Argument.Text t) {
      return new Value(null, null, null, t.text(), null, null);
    }
    if (argument instanceof Argument.Named n) {
      return new Value(null, null, null, null, PartName.of(n.name()), null);
    }
    return new Value(null, null, null, null, null, of(((Argument.Findings) argument).findings()));
  }
}
