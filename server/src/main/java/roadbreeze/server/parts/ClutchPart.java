package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * A fan clutch alone.
 *
 * @param gripsFromC air behind the radiator for a bimetal one, coolant for a controlled one
 */
public record ClutchPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Type kind,
    @Within(min = 30, max = 115, kind = Kind.TEMPERATURE) double gripsFromC,
    @Within(min = 35, max = 130, kind = Kind.TEMPERATURE) double gripsFullyC,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What makes it grip. */
  public enum Type {
    VISCOUS,
    CONTROLLED
  }
}
