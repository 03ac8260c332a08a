package roadbreeze.core.fill;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Finding;

/**
 * One thing of filling, in its order.
 *
 * @param says what is done or waited for
 * @param hold minutes that it is watched, 0 where it is done at once
 */
public record FillStage(Finding says, int hold) {
  /** The gearbox's oil cools and falls to its level when it has stood so long, min. */
  private static final int STANDS = 2;

  static FillStage of(Finding says) {
    return new FillStage(says, 0);
  }

  static FillStage held(Finding says, int minutes) {
    return new FillStage(says, minutes);
  }

  /**
   * Setting a gearbox's level.
   *
   * @param dipstick read on a stick, idling; else the plug that runs over
   * @param prefill that goes into new hoses and coolers, m³
   * @param from coldest pan at which the level counts, °C
   * @param to hottest one, °C
   */
  public static List<FillStage> level(boolean dipstick, double prefill, double from, double to) {
    List<FillStage> s = new ArrayList<>();
    s.add(of(FillSays.PREFILL.with(prefill)));
    s.add(of(FillSays.AS_MUCH_AS_CAME.with()));
    s.add(of(FillSays.THROUGH_GEARS.with()));
    s.add(of(FillSays.CIRCUIT_OPEN.with()));
    s.add(of(FillSays.PAN_BETWEEN.with(from, to)));
    if (dipstick) {
      s.add(of(FillSays.STICK_TWICE.with()));
    } else {
      s.add(held(FillSays.DRIBBLE.with(), STANDS));
    }
    s.add(of(FillSays.NEVER_OVER.with()));
    s.add(of(FillSays.LEVEL_AGAIN.with()));
    return s;
  }
}
