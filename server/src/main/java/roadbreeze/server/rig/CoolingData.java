package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.problem.Within;

/**
 * Coolant loop and cooling pack.
 *
 * @param openingWidthMm of the front opening, centred on the radiator
 * @param ramCoefficient open grille 0.55, less behind a winch, plough, light bar or screen
 * @param chargeAirCooler null on an engine without boost
 */
@Embeddable
public record CoolingData(
    @Within(min = 0.3, max = 0.6) double glycolShare,
    @Within(min = 0, max = 200, unit = "kPa") double capKpa,
    @Within(min = 0.2, max = 15, unit = "kg/s") double pumpKgsAt4000,
    @Within(min = 100, max = 2500, unit = "mm") double openingWidthMm,
    @Within(min = 100, max = 2000, unit = "mm") double openingHeightMm,
    @Within(min = 10, max = 600, unit = "mm") double openingDepthMm,
    @Within(min = 0, max = 1) double ramCoefficient,
    @NotNull @Valid @Embedded CoreSize radiator,
    @Valid @Embedded CoreSize condenser,
    @Valid @Embedded CoreSize chargeAirCooler,
    @NotNull @Valid @Embedded FanData fan) {}
