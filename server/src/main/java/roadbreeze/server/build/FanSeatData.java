package roadbreeze.server.build;

import roadbreeze.core.explain.Kind;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.server.message.Units;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.problem.Within;

/**
 * What a build changes of how a fan stands in its shroud.
 *
 * @param spacerMm between hub and fan, towards the core; negative where one is taken out
 * @param shroudBackMm shims between core and shroud
 * @param shroudRightMm the shroud is moved in its slots, seen from the front
 * @param shroudUpMm likewise
 */
public record FanSeatData(
    @Within(min = -60, max = 60, kind = Kind.SIZE) double spacerMm,
    @Within(min = -40, max = 40, kind = Kind.SIZE) double shroudBackMm,
    @Within(min = -40, max = 40, kind = Kind.SIZE) double shroudRightMm,
    @Within(min = -40, max = 40, kind = Kind.SIZE) double shroudUpMm) {
  /** As it was. */
  public static final FanSeatData AS_IT_WAS = new FanSeatData(0, 0, 0, 0);

  FanSeat toCore() {
    return new FanSeat(
        Units.mm(spacerMm), Units.mm(shroudBackMm), Units.mm(shroudRightMm), Units.mm(shroudUpMm));
  }

  public static FanSeatData of(FanSeat seat) {
    return new FanSeatData(
        NoseMapper.mm(seat.spacer()),
        NoseMapper.mm(seat.shroudBack()),
        NoseMapper.mm(seat.shroudRight()),
        NoseMapper.mm(seat.shroudUp()));
  }
}
