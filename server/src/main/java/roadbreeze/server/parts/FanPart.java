package roadbreeze.server.parts;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanUnit;
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
 * @param clutchLimitRpm a clutch carries no more than this, null takes what is usual
 * @param gripsFromC and {@code gripsFullyC}: air behind the radiator for a bimetal clutch, coolant
 *     for a controlled one, null for a solid belt fan
 */
@RecordBuilder
public record FanPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull FanUnit.Type kind,
    @Within(min = 1, max = 2, kind = Kind.COUNT) int count,
    @Within(min = 100, max = 900, kind = Kind.SIZE) double diameterMm,
    @Within(min = 0.02, max = 10, kind = Kind.AIRFLOW) double freeFlowM3s,
    @Within(min = 10, max = 3000, kind = Kind.FAN_PRESSURE) Double shutoffPa,
    @Nullable @Size(max = 20) @Within(min = 0, max = 10, kind = Kind.AIRFLOW) List<Double> curveM3s,
    @Nullable @Size(max = 20) @Within(min = 0, max = 3000, kind = Kind.FAN_PRESSURE)
        List<Double> curvePa,
    @Within(min = 6, max = 60, kind = Kind.VOLTAGE) Double volts,
    @Within(min = 0.5, max = 200, kind = Kind.CURRENT) Double amps,
    @Within(min = 0.5, max = 2.5) Double pulleyRatio,
    @Within(min = 800, max = 5000, kind = Kind.RPM) Double referenceRpm,
    @Within(min = 0.2, max = 30, kind = Kind.POWER) Double referenceKw,
    @Within(min = 30, max = 115, kind = Kind.TEMPERATURE) Double gripsFromC,
    @Within(min = 35, max = 130, kind = Kind.TEMPERATURE) Double gripsFullyC,
    @Within(min = 800, max = 6000, kind = Kind.RPM) Double clutchLimitRpm,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price)
    implements FanPartBuilder.With {

  /** By what one fan is told from another, whatever clutch it is on. */
  public record Blades(String name, boolean onEngine) {}

  public Blades blades() {
    return new Blades(name, kind.onEngine());
  }

  /** Turned by a clutch that grips alike. */
  public boolean sameClutch(FanPart other) {
    return kind == other.kind
        && Objects.equals(gripsFromC, other.gripsFromC)
        && Objects.equals(gripsFullyC, other.gripsFullyC);
  }

  /** The same blades on another clutch. */
  public FanPart on(FanUnit.Type drive, Double gripsFrom, Double gripsFully) {
    return new FanPart(
        code,
        name,
        drive,
        count,
        diameterMm,
        freeFlowM3s,
        shutoffPa,
        curveM3s,
        curvePa,
        volts,
        amps,
        pulleyRatio,
        referenceRpm,
        referenceKw,
        gripsFrom,
        gripsFully,
        clutchLimitRpm,
        price);
  }
}
