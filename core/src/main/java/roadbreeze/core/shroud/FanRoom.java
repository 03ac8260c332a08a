package roadbreeze.core.shroud;

import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.rig.FanTips;

/**
 * The room round a main fan as it was measured with the engine at rest, m; empty where nobody has.
 *
 * @param tips all round
 * @param blade width of a blade from front to back
 * @param inShroud how much of that stands inside the shroud's ring
 * @param cap radiator cap to the bonnet's underside
 * @param bonnet shroud or fan to the bonnet
 * @param hose nearest hose to the blades
 * @param belt fan to belt, pulley or engine behind it
 * @param motion what the fan does on its engine
 */
public record FanRoom(
    Optional<FanTips> tips,
    OptionalDouble blade,
    OptionalDouble inShroud,
    OptionalDouble cap,
    OptionalDouble bonnet,
    OptionalDouble hose,
    OptionalDouble belt,
    Motion motion) {

  /**
   * How far a fan goes from where it stands at rest, m.
   *
   * @param sideways with an engine that rolls in its mounts
   * @param forward with an engine that pitches when it is braked
   * @param flex of the blades forward under load
   */
  public record Motion(double sideways, double forward, double flex) {
    /** On an engine with sound mounts; own defaults. */
    public static final Motion ON_ENGINE = new Motion(0.008, 0.010, 0.010);

    /** On the pack; own default. */
    public static final Motion ON_PACK = new Motion(0, 0, 0.010);
  }
}
