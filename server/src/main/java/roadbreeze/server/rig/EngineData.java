package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.server.problem.Within;

/**
 * Engine and what its belts drive.
 *
 * @param torqueRpm full-load curve, rising
 * @param torqueNm one per rpm
 * @param boostRatio compressor pressure ratio under load, null where nothing boosts
 */
@Embeddable
public record EngineData(
    @NotNull @Enumerated(EnumType.STRING) Engine.Kind kind,
    @Within(min = 0.2, max = 20, unit = "L") double displacementLitres,
    @NotNull
        @Size(min = 2, max = 20)
        @Within(min = 300, max = 9000, unit = "rpm")
        @JdbcTypeCode(SqlTypes.ARRAY)
        List<Double> torqueRpm,
    @NotNull
        @Size(min = 2, max = 20)
        @Within(min = 10, max = 4000, unit = "N·m")
        @JdbcTypeCode(SqlTypes.ARRAY)
        List<Double> torqueNm,
    @Within(min = 1.05, max = 5) Double boostRatio,
    @Within(min = 0, max = 20, unit = "kW") double accessoryKw,
    @Within(min = 0, max = 12, unit = "kW") double airConditioningKw,
    @Within(min = 0, max = 20, unit = "kW") double condenserKw) {}
