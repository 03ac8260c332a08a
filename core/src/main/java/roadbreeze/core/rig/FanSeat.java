package roadbreeze.core.rig;

/**
 * What a build changes of how its main fan stands in its shroud, m.
 *
 * @param spacer between hub and fan: it comes so much nearer to the core
 * @param shroudBack shims between core and shroud
 * @param shroudRight the shroud is moved in its slots
 * @param shroudUp likewise
 */
public record FanSeat(double spacer, double shroudBack, double shroudRight, double shroudUp) {
  /** As it was. */
  public static final FanSeat AS_IT_WAS = new FanSeat(0, 0, 0, 0);
}
