package roadbreeze.server.rig;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.vehicle.Engine;
import roadbreeze.server.problem.Within;

/**
 * Engine and what its belts drive.
 *
 * @param torqueRpm full-load curve, rising
 * @param torqueNm one per rpm
 * @param idleRpm null takes what is usual for its kind
 * @param boostRatio compressor pressure ratio under load, null where nothing boosts
 */
public record EngineData(
    @NotNull Engine.Kind kind,
    @Within(min = 0.2, max = 20, kind = Kind.DISPLACEMENT) double displacementLitres,
    @NotNull @Size(min = 2, max = 20) @Within(min = 300, max = 9000, kind = Kind.RPM)
        List<Double> torqueRpm,
    @NotNull @Size(min = 2, max = 20) @Within(min = 10, max = 4000, kind = Kind.TORQUE)
        List<Double> torqueNm,
    @Within(min = 1.05, max = 5) Double boostRatio,
    @Within(min = 300, max = 1500, kind = Kind.RPM) Double idleRpm,
    @Within(min = 0, max = 20, kind = Kind.POWER) double accessoryKw,
    @Within(min = 0, max = 12, kind = Kind.POWER) double airConditioningKw,
    @Within(min = 0, max = 20, kind = Kind.POWER) double condenserKw) {}
