package roadbreeze.core.explain;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Something that can be said, with the arguments it takes. Implemented by one enum per concept;
 * each constant has its words in the catalogue under {@link #key()}.
 */
public interface Code {
  /** An argument's name and kind. */
  record Parameter(String name, Kind kind) {
    /**
     * @param spec as in {@code "held SPEED"}
     */
    static Parameter of(String spec) {
      int blank = spec.indexOf(' ');
      return new Parameter(spec.substring(0, blank), Kind.valueOf(spec.substring(blank + 1)));
    }
  }

  String name();

  /** In the order {@link #with} takes them. */
  default List<Parameter> parameters() {
    return List.of();
  }

  /**
   * Enum and constant in the catalogue's spelling: {@code warning.tankHeatsOil}. A nested enum
   * brings the name of what it is nested in, {@code boxRatingReading.needed}; a nested {@code Kind}
   * is called after that alone.
   */
  default String key() {
    Class<?> type = getClass().isEnum() ? getClass() : getClass().getSuperclass();
    Class<?> around = type.getEnclosingClass();
    String own = type.getSimpleName();
    String group = around == null ? own : around.getSimpleName() + (own.equals("Kind") ? "" : own);
    return group.substring(0, 1).toLowerCase(Locale.ROOT)
        + group.substring(1)
        + "."
        + camel(name());
  }

  /** This said of particular values, one for each parameter. */
  default Finding with(Object... values) {
    List<Parameter> parameters = parameters();
    if (values.length != parameters.size()) {
      throw new IllegalArgumentException(key() + " takes " + parameters);
    }
    Map<String, Argument> arguments = new LinkedHashMap<>();
    for (int i = 0; i < values.length; i++) {
      arguments.put(parameters.get(i).name(), Argument.of(parameters.get(i), values[i]));
    }
    return new Finding(this, arguments);
  }

  /** Parameters from their short form, for enum constructors. */
  static List<Parameter> takes(String... specs) {
    List<Parameter> parameters = new ArrayList<>();
    for (String spec : specs) {
      parameters.add(Parameter.of(spec));
    }
    return List.copyOf(parameters);
  }

  /** A constant's name in the catalogue's spelling. */
  static String camel(String constant) {
    StringBuilder camel = new StringBuilder();
    for (String part : constant.toLowerCase(Locale.ROOT).split("_")) {
      camel.append(
          camel.isEmpty()
              ? part
              : part.substring(0, 1).toUpperCase(Locale.ROOT) + part.substring(1));
    }
    return camel.toString();
  }
}
