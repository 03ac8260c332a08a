package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import roadbreeze.server.problem.Within;

/** Thermostat and fan switch. */
@Embeddable
public record SwitchPoints(
    @Within(min = 50, max = 115, unit = "°C") double thermostatStartC,
    @Within(min = 52, max = 130, unit = "°C") double thermostatFullC,
    @Within(min = 40, max = 130, unit = "°C") double fanOnC,
    @Within(min = 40, max = 130, unit = "°C") double fanOffC) {

  public SwitchPoints withThermostat(double start, double full) {
    return new SwitchPoints(start, full, fanOnC, fanOffC);
  }
}
