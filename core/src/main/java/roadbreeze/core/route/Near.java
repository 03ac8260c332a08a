package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.space.Neighbour;

/**
 * The shortest way from a hose to something that stands there.
 *
 * @param gap from the hose to the zone
 * @param along how far along the hose that is, m
 */
public record Near(Zone zone, Gap gap, double along) {
  /**
   * Whatever lies within reach of a hose, closest first. What a port itself stands by does not
   * count until the hose has left it.
   *
   * @param reach no farther than this, m
   */
  public static List<Near> of(Route route, List<Zone> zones, double reach) {
    MiddleLine line = new MiddleLine(route.line());
    Tube tube = route.tube();
    List<Near> near = new ArrayList<>();
    for (Zone zone : zones) {
      if (tube.bounds().apart(zone.shape().bounds()) <= reach) {
        of(route, line, zone).filter(n -> n.gap.length() <= reach).ifPresent(near::add);
      }
    }
    near.sort(Comparator.comparingDouble(Near::toSpare));
    return near;
  }

  /** Empty where the hose is never away from the port that stands by the zone. */
  private static Optional<Near> of(Route route, MiddleLine line, Zone zone) {
    double start = standsBy(route.from(), zone, route.hose()) ? leaves(route.hose()) : 0;
    double end = standsBy(route.to(), zone, route.hose()) ? leaves(route.hose()) : 0;
    double last = line.length() - end;
    if (start >= last) {
      return Optional.empty();
    }
    Tube tube = new Tube(line.between(start, last), route.hose().outside() / 2);
    Gap gap = Gap.between(tube, zone.shape());
    return Optional.of(new Near(zone, gap, line.nearest(gap.from())));
  }

  /** A port is screwed to it, or so near to it that its hose must pass close by. */
  static boolean standsBy(Port port, Zone zone, HoseSize hose) {
    double close = zone.surely() + hose.outside() / 2;
    return zone.shape().bounds().nearest(port.at()).distance(port.at()) < close;
  }

  /** How far along a hose has turned away from its port, m. */
  static double leaves(HoseSize hose) {
    return Route.GRIP + hose.leastRadius();
  }

  /** Is that enough of a hose that nothing guards. */
  public Neighbour.State state() {
    return Neighbour.State.of(gap.length(), zone.wanted(), zone.plusMinus());
  }

  /** What it has over what it must have even if the measure is out, m; negative if too little. */
  public double toSpare() {
    return gap.length() - zone.surely();
  }
}
