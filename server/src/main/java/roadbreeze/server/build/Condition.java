package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.condition.Condition.BypassFault;
import roadbreeze.core.condition.Condition.ThermostatFault;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * What is worn or broken; the fields of the core's condition as people enter them.
 *
 * @param thermostatLateK it opens so much later than its stamp
 * @param pumpPercent of its proper flow that the coolant pump moves
 * @param suctionPercent of the flow that the suction hose lets through at speed
 * @param airPercent of the loop that is air
 * @param capPercent of its stamped pressure that the cap holds
 * @param recirculation 0.02 sealed to 0.15 without seals and flaps
 * @param oilFlowPercent of its proper flow that the gearbox's cooler circuit moves
 * @param sensorLowK the coolant sensor reads so much too low
 * @param gearboxBypass how the gearbox's own bypass fails, where it has one
 */
@RecordBuilder
public record Condition(
    @NotNull ThermostatFault thermostat,
    @Within(min = -20, max = 40, kind = Kind.DIFFERENCE) double thermostatLateK,
    @Within(min = 5, max = 100, kind = Kind.PERCENT) double pumpPercent,
    @Within(min = 5, max = 100, kind = Kind.PERCENT) double suctionPercent,
    @Within(min = 0, max = 30, kind = Kind.PERCENT) double airPercent,
    @Within(min = 0, max = 100, kind = Kind.PERCENT) double capPercent,
    @Within(min = 0, max = 90, kind = Kind.PERCENT) double radiatorBlockedPercent,
    @Within(min = 0, max = 90, kind = Kind.PERCENT) double condenserBlockedPercent,
    @Within(min = 0, max = 90, kind = Kind.PERCENT) double chargeAirBlockedPercent,
    @Within(min = 0, max = 0.3, kind = Kind.SHARE) double recirculation,
    @Within(min = 5, max = 100, kind = Kind.PERCENT) double oilFlowPercent,
    @Within(min = -20, max = 40, kind = Kind.DIFFERENCE) double sensorLowK,
    @NotNull BypassFault gearboxBypass)
    implements ConditionBuilder.With {

  /** The same with seals and flaps round the pack as made. */
  public Condition sealed() {
    return withRecirculation(roadbreeze.core.condition.Condition.SEALED);
  }

  roadbreeze.core.condition.Condition toCore() {
    return new roadbreeze.core.condition.Condition(
        thermostat,
        thermostatLateK,
        pumpPercent / 100,
        suctionPercent / 100,
        airPercent / 100,
        capPercent / 100,
        radiatorBlockedPercent / 100,
        condenserBlockedPercent / 100,
        chargeAirBlockedPercent / 100,
        recirculation,
        oilFlowPercent / 100,
        sensorLowK,
        gearboxBypass);
  }
}
