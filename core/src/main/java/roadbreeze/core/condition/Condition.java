package roadbreeze.core.condition;

import io.soabase.recordbuilder.core.RecordBuilder;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * The state of a cooling system. {@link #SOUND} is that of one in good order.
 *
 * @param thermostat how it fails, if it does
 * @param thermostatLate it opens so much later than its stamp, K
 * @param pumpShare of its proper flow that the coolant pump moves
 * @param suctionShare of the flow that the suction hose lets through at speed; less when it
 *     collapses
 * @param airShare of the loop that is air: it carries no heat and the pump loses its grip
 * @param capShare of its stamped pressure that the cap holds
 * @param radiatorBlocked share of the radiator's fins, by dirt or bent fins
 * @param condenserBlocked of the condenser's
 * @param chargeAirBlocked of the charge-air cooler's
 * @param recirculation share of the exit air's rise that comes back at standstill: 0.02 sealed to
 *     0.15 without seals and flaps
 * @param oilFlowShare of its proper flow that the gearbox's cooler circuit moves
 * @param sensorOffset the coolant sensor reads so much too low, K: what it switches comes that late
 * @param gearboxBypass how the gearbox's own thermal bypass fails, where it has one
 */
@RecordBuilder
public record Condition(
    ThermostatFault thermostat,
    double thermostatLate,
    double pumpShare,
    double suctionShare,
    double airShare,
    double capShare,
    double radiatorBlocked,
    double condenserBlocked,
    double chargeAirBlocked,
    double recirculation,
    double oilFlowShare,
    double sensorOffset,
    BypassFault gearboxBypass)
    implements ConditionBuilder.With {
  private static final Range SHARE = new Range(Quantity.CONDITION_SHARE, 0, 1);
  private static final Range LATE = new Range(Quantity.CONDITION_LATE, -20, 40);

  /** Seals and flaps as made. */
  public static final double SEALED = 0.02;

  public static final Condition SOUND =
      new Condition(ThermostatFault.NONE, 0, 1, 1, 0, 1, 0, 0, 0, SEALED, 1, 0, BypassFault.NONE);

  /** How a thermostat fails. */
  public enum ThermostatFault {
    NONE,
    /** Wide open, cold or hot. */
    STUCK_OPEN,
    /** Shut but for what its jiggle pin lets by. */
    STUCK_SHUT
  }

  /** How the gearbox's own thermal bypass fails. */
  public enum BypassFault {
    NONE,
    /** No oil reaches the coolers, however hot. */
    STUCK_SHUT,
    /** All oil goes to the coolers, however cold. */
    STUCK_OPEN
  }

  public Condition {
    SHARE.require(pumpShare);
    SHARE.require(suctionShare);
    SHARE.require(airShare);
    SHARE.require(capShare);
    SHARE.require(radiatorBlocked);
    SHARE.require(condenserBlocked);
    SHARE.require(chargeAirBlocked);
    SHARE.require(recirculation);
    SHARE.require(oilFlowShare);
    LATE.require(thermostatLate);
    LATE.require(sensorOffset);
  }

  /**
   * Share of the coolant's proper flow that is left. A pump with air in it loses about three shares
   * of flow for each share of air and stops at a third; our own estimate after pump makers' curves.
   */
  public double coolantFlowShare() {
    return pumpShare * suctionShare * Math.max(0.05, 1 - 3 * airShare);
  }
}
