package roadbreeze.core.route;

import java.util.List;

/**
 * A route with how it is held and guarded.
 *
 * @param clips how far along the hose each sits, m, in order
 */
public record Hung(Route route, List<Guard> guards, List<Double> clips) {
  public Hung {
    guards = List.copyOf(guards);
    clips = clips.stream().sorted().toList();
  }

  boolean guarded(Zone zone, Guard.Kind by) {
    return guards.contains(new Guard(by, zone.name().id()));
  }

  Hung through(List<Bend> bends) {
    return new Hung(route.through(bends), guards, clips);
  }
}
