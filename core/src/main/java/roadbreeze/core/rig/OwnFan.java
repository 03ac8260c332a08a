package roadbreeze.core.rig;

import java.util.Optional;

/**
 * A fan that blows one oil cooler alone.
 *
 * @param freeFlow in free air, m³/s
 * @param warmer what it draws than ambient, K
 * @param switched by a temperature; empty where it always runs
 */
public record OwnFan(double freeFlow, double warmer, Optional<FanSwitch> switched) {
  /** Free flow of a slim fan of a cooler's size, m³/s. */
  public static final double USUAL = 0.35;

  /** One that always runs, in open air. */
  public OwnFan(double freeFlow) {
    this(freeFlow, 0, Optional.empty());
  }

  /** In another place. */
  public OwnFan in(double warmerAir) {
    return new OwnFan(freeFlow, warmerAir, switched);
  }
}
