package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import roadbreeze.server.problem.Within;

/**
 * A fan, or a pair on one shroud.
 *
 * @param count blades side by side that {@code freeFlowM3s} is the sum of
 * @param freeFlowM3s free-air delivery at reference speed
 * @param shutoffPa pressure at no flow and 1.2 kg/m³, null if only the free-air figure is known
 * @param curveM3s flows of measured points, with {@code curvePa}; they win over the two before
 * @param volts and {@code amps}: of an electric fan, null otherwise
 * @param pulleyRatio and the following: of a fan on the engine, null for an electric one
 * @param gripsFromC and {@code gripsFullyC}: air behind the radiator for a bimetal clutch, coolant
 *     for a controlled one, null for a solid belt fan
 */
@Embeddable
public record FanPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull @Enumerated(EnumType.STRING) Kind kind,
    @Within(min = 1, max = 2) int count,
    @Within(min = 100, max = 900, unit = "mm") double diameterMm,
    @Within(min = 0.02, max = 10, unit = "m³/s") double freeFlowM3s,
    @Within(min = 10, max = 3000, unit = "Pa") Double shutoffPa,
    @Nullable
        @Size(max = 20)
        @Within(min = 0, max = 10, unit = "m³/s")
        @JdbcTypeCode(SqlTypes.ARRAY)
        List<Double> curveM3s,
    @Nullable
        @Size(max = 20)
        @Within(min = 0, max = 3000, unit = "Pa")
        @JdbcTypeCode(SqlTypes.ARRAY)
        List<Double> curvePa,
    @Within(min = 6, max = 60, unit = "V") Double volts,
    @Within(min = 0.5, max = 200, unit = "A") Double amps,
    @Within(min = 0.5, max = 2.5) Double pulleyRatio,
    @Within(min = 800, max = 5000, unit = "rpm") Double referenceRpm,
    @Within(min = 0.2, max = 30, unit = "kW") Double referenceKw,
    @Within(min = 30, max = 115, unit = "°C") Double gripsFromC,
    @Within(min = 35, max = 130, unit = "°C") Double gripsFullyC,
    @Within(min = 0, max = 100000) double price) {

  /** What turns it. */
  public enum Kind {
    ELECTRIC,
    BELT,
    VISCOUS,
    CONTROLLED
  }

  public FanPart withFreeFlow(double flow) {
    return new FanPart(
        code,
        name,
        kind,
        count,
        diameterMm,
        flow,
        shutoffPa,
        curveM3s,
        curvePa,
        volts,
        amps,
        pulleyRatio,
        referenceRpm,
        referenceKw,
        gripsFromC,
        gripsFullyC,
        price);
  }
}
