package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import roadbreeze.server.problem.Within;

/**
 * Gearbox, converter, axle and the gearbox's oil.
 *
 * @param inTankWattsPerKelvin conductance of the cooler in the radiator tank, null if there is none
 */
@Embeddable
public record GearboxData(
    @NotNull @Size(min = 1, max = 12) @Within(min = 0.3, max = 20) @JdbcTypeCode(SqlTypes.ARRAY)
        List<Double> gearRatios,
    @Within(min = 1, max = 10) double axleRatio,
    @Within(min = 0.2, max = 0.8, unit = "m") double tyreRadiusM,
    @Within(min = 0.8, max = 1) double meshEfficiency,
    @Within(min = 0.8, max = 1) double axleEfficiency,
    @Within(min = 0, max = 10, unit = "kW") double spinLossKw,
    @Within(min = 1, max = 12) int lockFromGear,
    @Within(min = 0, max = 120, unit = "km/h") double lockAboveKmh,
    @Within(min = 500, max = 3000, unit = "rpm") double luggingRpm,
    @Within(min = 1500, max = 8000, unit = "rpm") double highestRpm,
    @Within(min = 50, max = 3000, unit = "N·m") double stallTorqueNm,
    @Within(min = 800, max = 4500, unit = "rpm") double stallRpm,
    @Within(min = 1.2, max = 3.5) double stallTorqueRatio,
    @Within(min = 1, max = 50, unit = "L/min") double oilFlowLpm,
    @Within(min = 10, max = 200, unit = "mm²/s") double oilKv40,
    @Within(min = 2, max = 30, unit = "mm²/s") double oilKv100,
    @Within(min = 1, max = 200, unit = "W/K") double caseWattsPerKelvin,
    @Within(min = 20, max = 1000, unit = "W/K") Double inTankWattsPerKelvin) {}
