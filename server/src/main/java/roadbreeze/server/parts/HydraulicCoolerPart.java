package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** A cooler for steering or working hydraulics. */
public record HydraulicCoolerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Circuit circuit,
    @Within(min = 40, max = 900, kind = Kind.SIZE) double widthMm,
    @Within(min = 20, max = 700, kind = Kind.SIZE) double heightMm,
    @Within(min = 10, max = 80, kind = Kind.SIZE) double depthMm,
    @NotBlank @Size(max = 40) String ports,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** Whose oil it cools. */
  public enum Circuit {
    STEERING,
    WORKING
  }
}
