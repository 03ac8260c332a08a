package roadbreeze.server.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
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
 * @param fanRoom round the main fan
 * @param condenser null without air conditioning
 * @param chargeAirCooler null on an engine without boost
 * @param chargeAirFirst it stands in front of the condenser, not behind
 */
@RecordBuilder
public record CoolingData(
    @Within(min = 0.3, max = 0.6) double glycolShare,
    @Within(min = 0, max = 200, kind = Kind.PRESSURE) double capKpa,
    @Within(min = 0.2, max = 15, kind = Kind.MASS_FLOW) double pumpKgsAt4000,
    @Within(min = 100, max = 2500, kind = Kind.SIZE) double openingWidthMm,
    @Within(min = 100, max = 2000, kind = Kind.SIZE) double openingHeightMm,
    @Within(min = 10, max = 600, kind = Kind.SIZE) double openingDepthMm,
    @Within(min = 0, max = 1) double ramCoefficient,
    @Within(min = 0, max = 200, kind = Kind.SIZE) double coreGapMm,
    @Within(min = 0, max = 300, kind = Kind.SIZE) double fanToCoreMm,
    @Within(min = 0, max = 200, kind = Kind.SIZE) double tipGapMm,
    @NotNull @Valid FanRoomData fanRoom,
    @NotNull @Valid CoreSize radiator,
    @Nullable @Valid CoreSize condenser,
    @Nullable @Valid CoreSize chargeAirCooler,
    boolean chargeAirFirst)
    implements CoolingDataBuilder.With {}
