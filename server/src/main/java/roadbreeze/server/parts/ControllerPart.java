package roadbreeze.server.parts;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/**
 * What switches an electric fan.
 *
 * @param onFromC lowest temperature it can be set to switch on at; of a fixed switch, the only one
 * @param hysteresisK between on and off
 */
@Embeddable
public record ControllerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull @Enumerated(EnumType.STRING) Kind kind,
    @Within(min = 40, max = 130, unit = "°C") double onFromC,
    @Within(min = 40, max = 130, unit = "°C") double onToC,
    @Within(min = 1, max = 25, unit = "K") double hysteresisK,
    @Within(min = 1, max = 200, unit = "A") double amps,
    @Within(min = 0, max = 100000) double price) {

  /** How it decides. */
  public enum Kind {
    FIXED_SWITCH,
    ADJUSTABLE,
    TWO_SPEED,
    DUTY
  }
}
