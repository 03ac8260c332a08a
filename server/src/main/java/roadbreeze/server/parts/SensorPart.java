package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * A temperature or pressure sensor.
 *
 * @param switchesAtC of one that is a switch; null of one that is read
 */
public record SensorPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Measures measures,
    @NotBlank @Size(max = 40) String thread,
    @Within(min = -50, max = 250, kind = Kind.TEMPERATURE) Double fromC,
    @Within(min = 0, max = 300, kind = Kind.TEMPERATURE) Double toC,
    @Nullable @Within(min = 30, max = 150, kind = Kind.TEMPERATURE) Double switchesAtC,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What it reads. */
  public enum Measures {
    COOLANT,
    OIL,
    AIR,
    PRESSURE
  }
}
