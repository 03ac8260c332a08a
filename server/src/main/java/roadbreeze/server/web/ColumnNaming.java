package roadbreeze.server.web;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Set;
import org.hibernate.boot.model.naming.ImplicitNamingStrategyJpaCompliantImpl;
import org.hibernate.boot.model.source.spi.AttributePath;

/**
 * Names a column after the whole path of its property, so that a radiator's width and a condenser's
 * can stand in one row: {@code cooling.radiator.widthMm} becomes {@code cooling_radiator_width_mm}.
 */
public class ColumnNaming extends ImplicitNamingStrategyJpaCompliantImpl {
  /** Properties that only hold a row's record and say nothing in a column's name. */
  private static final Set<String> HOLDERS =
      Set.of(
          "data",
          "part",
          "key",
          "builds",
          "coolers",
          "fans",
          "obstacles",
          "origins",
          "hoses",
          "strips",
          "{element}");

  @Override
  protected String transformAttributePath(AttributePath path) {
    Deque<String> parts = new ArrayDeque<>();
    for (AttributePath at = path; at != null && at.getProperty() != null; at = at.getParent()) {
      if (!at.getProperty().isEmpty() && !HOLDERS.contains(at.getProperty())) {
        parts.addFirst(snake(at.getProperty()));
      }
    }
    // Hibernate also asks for the holders themselves, though no column comes of it.
    return parts.isEmpty() ? super.transformAttributePath(path) : String.join("_", parts);
  }

  private static String snake(String property) {
    return property.replaceAll("([a-z0-9])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT);
  }
}
