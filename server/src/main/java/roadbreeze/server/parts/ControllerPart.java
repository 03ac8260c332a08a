package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * What switches an electric fan.
 *
 * @param onFromC lowest temperature it can be set to switch on at; of a fixed switch, the only one
 * @param hysteresisK between on and off
 */
public record ControllerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Type kind,
    @Within(min = 40, max = 130, kind = Kind.TEMPERATURE) double onFromC,
    @Within(min = 40, max = 130, kind = Kind.TEMPERATURE) double onToC,
    @Within(min = 1, max = 25, kind = Kind.DIFFERENCE) double hysteresisK,
    @Within(min = 1, max = 200, kind = Kind.CURRENT) double amps,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** How it decides. */
  public enum Type {
    FIXED_SWITCH,
    ADJUSTABLE,
    TWO_SPEED,
    DUTY,
    /** A driver's switch that holds a controlled clutch. */
    OVERRIDE
  }
}
