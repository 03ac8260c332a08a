package roadbreeze.server.rig;

import jakarta.annotation.Nullable;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanTips;
import roadbreeze.core.shroud.FanRoom;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;

/**
 * The room round the main fan, measured with the engine at rest; null where nobody has.
 *
 * @param tipTopMm gaps between blade tips and shroud, seen from the front; they count once all four
 *     are there
 * @param bladeMm width of a blade from front to back
 * @param inShroudMm how much of that stands inside the shroud's ring
 * @param capMm radiator cap to the bonnet's underside
 * @param bonnetMm shroud or fan to the bonnet
 * @param hoseMm nearest hose to the blades
 * @param beltMm fan to belt, pulley or engine behind it
 * @param sidewaysMm that the fan goes with the engine's roll; null is as usual
 * @param forwardMm that it goes with the engine's pitch; null is as usual
 * @param flexMm of the blades forward; null is as usual
 */
public record FanRoomData(
    @Nullable @Within(min = 0, max = 200, kind = Kind.SIZE) Double tipTopMm,
    @Nullable @Within(min = 0, max = 200, kind = Kind.SIZE) Double tipRightMm,
    @Nullable @Within(min = 0, max = 200, kind = Kind.SIZE) Double tipBottomMm,
    @Nullable @Within(min = 0, max = 200, kind = Kind.SIZE) Double tipLeftMm,
    @Nullable @Within(min = 5, max = 300, kind = Kind.SIZE) Double bladeMm,
    @Nullable @Within(min = 0, max = 300, kind = Kind.SIZE) Double inShroudMm,
    @Nullable @Within(min = 0, max = 500, kind = Kind.SIZE) Double capMm,
    @Nullable @Within(min = 0, max = 500, kind = Kind.SIZE) Double bonnetMm,
    @Nullable @Within(min = 0, max = 500, kind = Kind.SIZE) Double hoseMm,
    @Nullable @Within(min = 0, max = 500, kind = Kind.SIZE) Double beltMm,
    @Nullable @Within(min = 0, max = 60, kind = Kind.SIZE) Double sidewaysMm,
    @Nullable @Within(min = 0, max = 60, kind = Kind.SIZE) Double forwardMm,
    @Nullable @Within(min = 0, max = 60, kind = Kind.SIZE) Double flexMm) {

  /**
   * @param onEngine the fan rocks with the engine
   */
  public FanRoom toCore(boolean onEngine) {
    FanRoom.Motion usual = onEngine ? FanRoom.Motion.ON_ENGINE : FanRoom.Motion.ON_PACK;
    return new FanRoom(
        tips(),
        mm(bladeMm),
        mm(inShroudMm),
        mm(capMm),
        mm(bonnetMm),
        mm(hoseMm),
        mm(beltMm),
        new FanRoom.Motion(
            mm(sidewaysMm).orElse(usual.sideways()),
            mm(forwardMm).orElse(usual.forward()),
            mm(flexMm).orElse(usual.flex())));
  }

  /** All four, or none. */
  Optional<FanTips> tips() {
    return tipTopMm == null || tipRightMm == null || tipBottomMm == null || tipLeftMm == null
        ? Optional.empty()
        : Optional.of(
            new FanTips(
                Units.mm(tipTopMm),
                Units.mm(tipRightMm),
                Units.mm(tipBottomMm),
                Units.mm(tipLeftMm)));
  }

  private static OptionalDouble mm(@Nullable Double value) {
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(Units.mm(value));
  }
}
