package roadbreeze.server.heat;

import java.util.List;
import roadbreeze.server.message.Said;

/** Fans of a build on their curves. */
public record FanReport(List<FanState> fans) {

  /** A point of a curve, m³/s and Pa. */
  public record Point(double flow, double pressurePa) {}

  /**
   * One fan.
   *
   * @param estimated only its free-air figure is known
   * @param speedShare over the reference speed of its curve, on this haul
   * @param freeFlow at that speed with nothing in the way, m³/s
   */
  public record FanState(
      Said.PartName name,
      boolean estimated,
      double speedShare,
      double freeFlow,
      List<Point> curve,
      List<AtSpeed> at) {}

  /** Where the fan works at one road speed, with what the pack asks there. */
  public record AtSpeed(double speedKmh, double flow, double pressurePa, List<Point> pack) {}
}
