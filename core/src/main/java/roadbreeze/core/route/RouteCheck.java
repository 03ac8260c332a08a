package roadbreeze.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.nose.Gap;

/**
 * Holds a hose against what stands round it.
 *
 * @param lowest height under which stones and ground reach, m; empty where nobody knows
 */
public record RouteCheck(List<Zone> zones, OptionalDouble lowest) {
  /** From one hold to the next, m; physics.md section 12. */
  public static final double SPAN = 0.300;

  /** How far from metal a clip can be, m; own default. */
  static final double CLIP_REACH = 0.060;

  /** Straight that lets a hose turn between bends in two planes, in outside diameters; own. */
  static final double TWIST_STRAIGHT = 2;

  /** Planes nearer than this are one, rad. */
  private static final double ONE_PLANE = Math.toRadians(30);

  /** A crest over both ends that keeps air, in outside diameters; own default. */
  static final double CREST = 2;

  /** A bend this slight twists nothing, rad. */
  private static final double SLIGHT = Math.toRadians(20);

  /** Finer than anybody measures, m. */
  private static final double SAME = 0.2e-3;

  public RouteCheck {
    zones = List.copyOf(zones);
  }

  /**
   * Something that is wrong.
   *
   * @param at where, m
   * @param bend of the route that it is about, −1 for none
   * @param near what it comes near to, null for none
   */
  public record Found(Finding finding, Vector3D at, int bend, Near near) {
    public RouteFault fault() {
      return (RouteFault) finding.code();
    }
  }

  /** All that is wrong with a hose, what will fail first. */
  public List<Found> of(Hung hung) {
    List<Found> found = new ArrayList<>();
    Route route = hung.route();
    bends(route, found);
    for (Near near : Near.of(route, zones, reach())) {
      near(hung, near, found);
    }
    twists(route, found);
    MiddleLine line = new MiddleLine(route.line());
    spans(hung, line, found);
    heights(route, line, found);
    found.sort((a, b) -> Boolean.compare(b.fault().serious(), a.fault().serious()));
    return found;
  }

  /** Farther off nothing is asked of a hose, m. */
  double reach() {
    return zones.stream().mapToDouble(Zone::surely).max().orElse(0);
  }

  private static void bends(Route route, List<Found> found) {
    double least = route.hose().leastRadius();
    for (Route.Corner c : route.corners()) {
      Finding finding = null;
      if (c.angle() > Route.FOLDED) {
        finding = RouteFault.FOLDED.with();
      } else if (c.angle() > SLIGHT && c.radius() < c.asked() - SAME) {
        finding = RouteFault.BEND_HAS_NO_ROOM.with(c.asked(), c.radius());
      } else if (c.angle() > SLIGHT && c.radius() < least - SAME) {
        finding = RouteFault.KINKS.with(c.radius(), least);
      }
      if (finding != null) {
        found.add(new Found(finding, c.at(), c.bend(), null));
      }
    }
  }

  private static void near(Hung hung, Near near, List<Found> found) {
    Zone zone = near.zone();
    double gap = near.gap().length();
    double wanted = hung.wanted(zone);
    if (hung.guarded(zone, Guard.Kind.GROMMET) && zone.sheet()) {
      return;
    }
    Finding finding = null;
    if (gap < 0 || gap == 0 && wanted > 0) {
      finding = RouteFault.THROUGH.with(zone.name());
    } else if (gap < wanted - SAME) {
      finding =
          switch (zone.nature()) {
            case MOVING -> RouteFault.NEAR_MOVING.with(zone.name(), gap, wanted);
            case HOT -> RouteFault.NEAR_HOT.with(zone.name(), gap, wanted);
            case METAL, HOSE, WIRE -> RouteFault.CHAFES.with(zone.name(), gap, wanted);
          };
    } else if (wanted > 0 && gap - zone.plusMinus() < wanted - SAME) {
      finding = RouteFault.MAYBE_NEAR.with(zone.name(), gap, zone.plusMinus(), wanted);
    }
    if (finding != null) {
      found.add(new Found(finding, near.gap().from(), -1, near));
    }
  }

  private static void twists(Route route, List<Found> found) {
    List<Route.Corner> bent =
        route.corners().stream()
            .filter(c -> c.angle() > SLIGHT && c.angle() < Route.FOLDED)
            .toList();
    double wanted = TWIST_STRAIGHT * route.hose().outside();
    for (int i = 1; i < bent.size(); i++) {
      Route.Corner a = bent.get(i - 1);
      Route.Corner b = bent.get(i);
      double planes = Vector3D.angle(a.normal(), b.normal());
      double straight = a.at().distance(b.at()) - a.tangent() - b.tangent();
      if (Math.min(planes, Math.PI - planes) > ONE_PLANE && straight < wanted - SAME) {
        Vector3D between = a.at().add(b.at()).scalarMultiply(0.5);
        Finding finding = RouteFault.TWISTS.with(Math.max(0, straight), wanted);
        found.add(new Found(finding, between, b.bend(), null));
      }
    }
  }

  private void spans(Hung hung, MiddleLine line, List<Found> found) {
    double before = 0;
    List<Double> holds = new ArrayList<>(hung.clips());
    holds.add(line.length());
    for (double hold : holds) {
      double span = Math.min(hold, line.length()) - before;
      if (span > SPAN + SAME) {
        Finding finding = RouteFault.HANGS_FREE.with(span, SPAN);
        found.add(new Found(finding, line.at(before + span / 2), -1, null));
      }
      before = hold;
    }
    for (double clip : hung.clips()) {
      double far = toMetal(line.at(clip)) - hung.route().hose().outside() / 2;
      if (far > CLIP_REACH) {
        Finding finding = RouteFault.CLIP_ON_NOTHING.with(CLIP_REACH);
        found.add(new Found(finding, line.at(clip), -1, null));
      }
    }
  }

  /** From a place to the nearest metal that stays, m; infinite where there is none. */
  double toMetal(Vector3D place) {
    double least = Double.POSITIVE_INFINITY;
    for (Zone zone : zones) {
      if (zone.stays() && zone.shape().bounds().nearest(place).distance(place) < least) {
        least = Math.min(least, Gap.from(place, zone.shape()));
      }
    }
    return least;
  }

  private void heights(Route route, MiddleLine line, List<Found> found) {
    Vector3D high = line.points().get(0);
    Vector3D low = high;
    for (Vector3D p : line.points()) {
      high = p.getY() > high.getY() ? p : high;
      low = p.getY() < low.getY() ? p : low;
    }
    double over = high.getY() - Math.max(route.from().at().getY(), route.to().at().getY());
    if (over > CREST * route.hose().outside()) {
      found.add(new Found(RouteFault.TRAPS_AIR.with(over), high, -1, null));
    }
    double under =
        lowest.orElse(Double.NEGATIVE_INFINITY) - (low.getY() - route.hose().outside() / 2);
    if (under > SAME) {
      found.add(new Found(RouteFault.LOW.with(under), low, -1, null));
    }
  }
}
