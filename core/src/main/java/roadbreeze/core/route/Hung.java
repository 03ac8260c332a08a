package roadbreeze.core.route;

import java.util.List;
import roadbreeze.core.nose.Gap;

/**
 * A route with how it is held and guarded.
 *
 * @param clips how far along the hose each sits, m, in order
 */
public record Hung(Route route, List<Guard> guards, List<Double> clips) {
  /** A hose in its wrap comes so near to what is hot, m; own default. */
  static final double WRAPPED = 0.040;

  /** A sleeve reaches so far past what would chafe, m; own default. */
  private static final double OVERLAP = 0.030;

  private static final double STEP = 0.002;

  public Hung {
    guards = List.copyOf(guards);
    clips = clips.stream().sorted().toList();
  }

  boolean guarded(Zone zone, Guard.Kind by) {
    return guards.contains(new Guard(by, zone.name().id()));
  }

  /** What the hose keeps from something with the guards that it has, m. */
  double wanted(Zone zone) {
    return switch (zone.nature()) {
      case HOT -> guarded(zone, Guard.Kind.HEAT_WRAP) ? WRAPPED : zone.wanted();
      case METAL, HOSE, WIRE -> guarded(zone, Guard.Kind.SLEEVE) ? 0 : zone.wanted();
      case MOVING -> zone.wanted(); // nothing saves it from that
    };
  }

  /**
   * How much of the hose a guard against something covers: all that comes too near to it, and what
   * it overlaps at each end, m.
   */
  public double covered(Zone zone) {
    MiddleLine line = new MiddleLine(route.line());
    double near = zone.surely() + route.hose().outside() / 2;
    double first = Double.POSITIVE_INFINITY;
    double last = Double.NEGATIVE_INFINITY;
    for (double along = 0; along <= line.length(); along += STEP) {
      if (Gap.from(line.at(along), zone.shape()) < near) {
        first = Math.min(first, along);
        last = Math.max(last, along);
      }
    }
    return first > last ? 0 : last - first + 2 * OVERLAP;
  }

  Hung through(List<Bend> bends) {
    return new Hung(route.through(bends), guards, clips);
  }
}
