package roadbreeze.core.explain;

import java.util.List;

/** A value that a finding names. */
public sealed interface Argument {
  /** A quantity, SI; °C where it is a temperature. */
  record Amount(Kind kind, double value) implements Argument {}

  /** A part of the truck. */
  record Named(Name name) implements Argument {}

  /** A code for its words. */
  record Word(Code code) implements Argument {}

  /** Text of a person's own. */
  record Text(String text) implements Argument {}

  /** Findings inside a finding; one, or several in order. */
  record Findings(List<Finding> findings) implements Argument {
    public Findings {
      findings = List.copyOf(findings);
    }
  }

  static Amount amount(Kind kind, double value) {
    return new Amount(kind, value);
  }

  /**
   * @throws IllegalArgumentException if a value is not of the kind its code declares
   */
  static Argument of(Code.Parameter parameter, Object value) {
    Kind kind = parameter.kind();
    if (kind.isQuantity() && value instanceof Number number) {
      return new Amount(kind, number.doubleValue());
    }
    if (kind == Kind.AMOUNT && value instanceof Amount amount) {
      return amount;
    }
    if (kind == Kind.NAME && value instanceof Name name) {
      return new Named(name);
    }
    if (kind == Kind.WORD && value instanceof Code code) {
      return new Word(code);
    }
    if (kind == Kind.TEXT && value instanceof String text) {
      return new Text(text);
    }
    if (kind == Kind.FINDING && value instanceof Finding finding) {
      return new Findings(List.of(finding));
    }
    if (kind == Kind.FINDINGS && value instanceof List<?> list) {
      return new Findings(list.stream().map(Finding.class::cast).toList());
    }
    throw new IllegalArgumentException(parameter + " cannot be " + value);
  }
}
