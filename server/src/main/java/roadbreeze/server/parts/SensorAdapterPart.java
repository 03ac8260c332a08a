package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * What holds a sensor in a hose.
 *
 * @param boreMm of the hose that it is cut into
 * @param cutsMm of hose that it takes the place of
 * @param thread that it takes
 * @param earthing whether a sensor of one wire works in it where the hose is of rubber
 */
public record SensorAdapterPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 4, max = 70, kind = Kind.SIZE) double boreMm,
    @Within(min = 0, max = 200, kind = Kind.SIZE) double cutsMm,
    @NotBlank @Size(max = 40) String thread,
    @NotNull Earthing earthing,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What it has for an earth wire. */
  public enum Earthing {
    NONE,
    SCREW
  }

  public boolean earthed() {
    return earthing == Earthing.SCREW;
  }
}
