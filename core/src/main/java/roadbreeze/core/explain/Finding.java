package roadbreeze.core.explain;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/** A code said of particular values: comparable, and made into words only by whoever shows it. */
public record Finding(Code code, Map<String, Argument> arguments) {
  public Finding {
    arguments = Collections.unmodifiableMap(new LinkedHashMap<>(arguments));
  }

  /** The value of one of its quantities, SI. */
  public double amount(String argument) {
    return ((Argument.Amount) arguments.get(argument)).value();
  }

  /** For logs and tests; no person reads it. */
  @Override
  public String toString() {
    return code.key() + arguments;
  }
}
