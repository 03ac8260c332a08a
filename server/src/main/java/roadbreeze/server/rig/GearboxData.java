package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * Gearbox, converter, axle and the gearbox's oil.
 *
 * @param bypass the gearbox's own, null where it has none
 * @param inTankWattsPerKelvin conductance of the cooler in the radiator tank, null if there is none
 */
public record GearboxData(
    @NotNull @Size(min = 1, max = 12) @Within(min = 0.3, max = 20) List<Double> gearRatios,
    @Within(min = 1, max = 10) double axleRatio,
    @Within(min = 0.2, max = 0.8, kind = Kind.RADIUS) double tyreRadiusM,
    @Within(min = 0.8, max = 1) double meshEfficiency,
    @Within(min = 0.8, max = 1) double axleEfficiency,
    @Within(min = 0, max = 10, kind = Kind.POWER) double spinLossKw,
    @Within(min = 1, max = 12, kind = Kind.COUNT) int lockFromGear,
    @Within(min = 0, max = 120, kind = Kind.SPEED) double lockAboveKmh,
    @Within(min = 500, max = 3000, kind = Kind.RPM) double luggingRpm,
    @Within(min = 1500, max = 8000, kind = Kind.RPM) double highestRpm,
    @Within(min = 50, max = 3000, kind = Kind.TORQUE) double stallTorqueNm,
    @Within(min = 800, max = 4500, kind = Kind.RPM) double stallRpm,
    @Within(min = 1.2, max = 3.5) double stallTorqueRatio,
    @Within(min = 1, max = 50, kind = Kind.FLOW) double oilFlowLpm,
    @Within(min = 10, max = 200, kind = Kind.VISCOSITY) double oilKv40,
    @Within(min = 2, max = 30, kind = Kind.VISCOSITY) double oilKv100,
    @Within(min = 1, max = 200, kind = Kind.CONDUCTANCE) double caseWattsPerKelvin,
    @Within(min = 20, max = 1000, kind = Kind.CONDUCTANCE) Double inTankWattsPerKelvin,
    @Nullable @Valid GearboxBypass bypass) {}
