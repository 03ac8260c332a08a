package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** A fuse, breaker or relay. */
public record BreakerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Type kind,
    @Within(min = 1, max = 400, kind = Kind.CURRENT) double amps,
    @Within(min = 6, max = 60, kind = Kind.VOLTAGE) double volts,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What it does when asked for too much, or to switch. */
  public enum Type {
    FUSE,
    BREAKER,
    RELAY
  }
}
