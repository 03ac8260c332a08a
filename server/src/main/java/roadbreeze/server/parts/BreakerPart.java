package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/** A fuse, breaker or relay. */
public record BreakerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Kind kind,
    @Within(min = 1, max = 400, kind = roadbreeze.core.explain.Kind.CURRENT) double amps,
    @Within(min = 6, max = 60, kind = roadbreeze.core.explain.Kind.VOLTAGE) double volts,
    @Within(min = 0, max = 100000, kind = roadbreeze.core.explain.Kind.MONEY) double price) {

  /** What it does when asked for too much, or to switch. */
  public enum Kind {
    FUSE,
    BREAKER,
    RELAY
  }
}
