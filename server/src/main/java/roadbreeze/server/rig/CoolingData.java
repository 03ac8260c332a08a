package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.problem.Within;

/**
 * Coolant loop and cooling pack.
 *
 * @param openingWidthMm of the front opening, centred on the radiator
 * @param openingDepthMm room in front of the pack
 * @param ramCoefficient open grille 0.55
 * @param coreGapMm between the truck's own cores
 * @param fanToCoreMm from the blades of the main fan to the radiator
 * @param tipGapMm from its blade tips to the shroud
 * @param condenser null without air conditioning
 * @param chargeAirCooler null on an engine without boost
 * @param chargeAirFirst it stands in front of the condenser, not behind
 * @param fanFactor measured over catalogue fan pressure, from an air traverse; 1 without one
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
    @Within(min = 0, max = 200, unit = "mm") double coreGapMm,
    @Within(min = 0, max = 300, unit = "mm") double fanToCoreMm,
    @Within(min = 0, max = 200, unit = "mm") double tipGapMm,
    @NotNull @Valid @Embedded CoreSize radiator,
    @Nullable @Valid @Embedded CoreSize condenser,
    @Nullable @Valid @Embedded CoreSize chargeAirCooler,
    boolean chargeAirFirst,
    @Within(min = 0.1, max = 3) double fanFactor) {}
