package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.server.problem.Within;

/**
 * One build of the truck, side by side with the others.
 *
 * @param fanSpeedPercent share of its proper speed that the main fan reaches
 * @param finsBlockedPercent of the radiator
 * @param recirculation 0.02 sealed to 0.15 bare
 * @param cooler null where none is fitted
 * @param coolerLeftMm from the radiator's lower left corner
 */
@Embeddable
public record Build(
    @NotNull @Enumerated(EnumType.STRING) Kind kind,
    @NotBlank @Size(max = 40) String name,
    @Within(min = 0, max = 100, unit = "%") double fanSpeedPercent,
    @Within(min = 0, max = 90, unit = "%") double finsBlockedPercent,
    @Within(min = 0, max = 0.3) double recirculation,
    @Within(min = 50, max = 115, unit = "°C") double thermostatStartC,
    @Within(min = 52, max = 130, unit = "°C") double thermostatFullC,
    @Within(min = 40, max = 130, unit = "°C") double fanOnC,
    @Within(min = 40, max = 130, unit = "°C") double fanOffC,
    @NotNull @Enumerated(EnumType.STRING) OilOrder oilOrder,
    @Valid @Embedded CoolerPart cooler,
    @Within(min = -1000, max = 2000, unit = "mm") double coolerLeftMm,
    @Within(min = -1000, max = 2000, unit = "mm") double coolerBottomMm) {

  /** What a build is for. */
  public enum Kind {
    AS_FOUND,
    RESTORED,
    PLAN
  }

  /** The oil's way past the in-tank cooler and the fitted one. */
  public enum OilOrder {
    AFTER_TANK,
    BEFORE_TANK,
    TANK_BYPASSED
  }

  public Build withCooler(CoolerPart part) {
    return new Build(
        kind,
        name,
        fanSpeedPercent,
        finsBlockedPercent,
        recirculation,
        thermostatStartC,
        thermostatFullC,
        fanOnC,
        fanOffC,
        oilOrder,
        part,
        coolerLeftMm,
        coolerBottomMm);
  }
}
