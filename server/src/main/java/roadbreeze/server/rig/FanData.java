package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.problem.Within;

/**
 * The main fan.
 *
 * @param shutoffPa at reference speed and 1.2 kg/m³, null if only the free-air flow is known
 * @param shroudLeftMm the shroud's outline on the radiator face; without one, the fan's disc
 * @param pulleyRatio and the following: of a viscous fan, null for an electric one
 */
@Embeddable
public record FanData(
    @NotNull @Enumerated(EnumType.STRING) Kind kind,
    @Within(min = 10, max = 3000, unit = "Pa") Double shutoffPa,
    @Within(min = 0.02, max = 10, unit = "m³/s") double freeFlowM3s,
    boolean shrouded,
    @Within(min = -1000, max = 2000, unit = "mm") double shroudLeftMm,
    @Within(min = -1000, max = 2000, unit = "mm") double shroudBottomMm,
    @Within(min = 50, max = 2000, unit = "mm") double shroudWidthMm,
    @Within(min = 50, max = 1500, unit = "mm") double shroudHeightMm,
    @Within(min = 0.5, max = 2.5) Double pulleyRatio,
    @Within(min = 800, max = 5000, unit = "rpm") Double referenceRpm,
    @Within(min = 0.2, max = 30, unit = "kW") Double referenceKw,
    @Within(min = 30, max = 110, unit = "°C") Double gripsFromC,
    @Within(min = 40, max = 130, unit = "°C") Double gripsFullyC) {

  /** What turns it. */
  public enum Kind {
    ELECTRIC,
    VISCOUS
  }
}
