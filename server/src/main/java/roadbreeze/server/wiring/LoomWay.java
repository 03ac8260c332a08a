package roadbreeze.server.wiring;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.route.Bend;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.route.Near;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.Route;
import roadbreeze.core.route.RouteCheck;
import roadbreeze.core.route.RouteFinder;
import roadbreeze.core.wiring.Formboard;
import roadbreeze.core.wiring.Spot;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.WiringPlan.LaidWay;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseSolid.NosePoint;
import roadbreeze.server.route.RouteResult.RouteNear;
import roadbreeze.server.space.SpaceResult.Place;

/** The way of a bundle of wires through the front end, held against what stands there. */
record LoomWay(WiringPlaces places, Spot from, Spot to, List<NosePoint> bends) {
  /** A wire as thin as any, m. */
  static final double THIN = 0.006;

  /** A loom goes round corners of so many of its diameters; common practice. */
  private static final double ROUND = 3;

  /** A hose has a bore; nothing of a loom hangs on it (-). */
  private static final double INSIDE = 0.6;

  /** How near something must be to be told, m, and how many are. */
  private static final double REACH = 0.12;

  private static final int NEAR = 4;

  /**
   * A bundle as it runs.
   *
   * @param id its two places
   * @param laid somebody has laid it; it is thought along the axes else
   * @param bends its corners
   * @param line its middle
   * @param through what it goes through or comes too near to
   */
  record WaySaid(
      String id,
      LoomResult.LoomPlace from,
      LoomResult.LoomPlace to,
      boolean laid,
      List<NosePoint> bends,
      List<Place> line,
      double diameterMm,
      double lengthM,
      List<RouteNear> near,
      List<Said.PartName> through) {}

  /**
   * Ways that were found.
   *
   * @param blocked by the ids of those that were not, what stands in their way
   */
  record LaidLoom(List<LaidWay> ways, Map<String, List<Said.PartName>> blocked) {}

  static String id(Spot from, Spot to) {
    List<String> ends = new ArrayList<>(List.of(key(from), key(to)));
    ends.sort(String::compareTo);
    return String.join(">", ends);
  }

  private static String key(Spot spot) {
    String kind = spot.kind().name().toLowerCase(Locale.ROOT);
    return spot.device().isEmpty() ? kind : kind + "/" + spot.device();
  }

  /** Its two ends in the order of their keys, so that its bends have one order. */
  private static LoomWay of(WiringPlaces places, Formboard.Bundle bundle, List<NosePoint> bends) {
    Spot a = bundle.spots().get(0);
    Spot b = bundle.spots().get(1);
    return key(a).compareTo(key(b)) <= 0
        ? new LoomWay(places, a, b, bends)
        : new LoomWay(places, b, a, bends);
  }

  Route route(double diameter) {
    boolean turned = key(from).compareTo(key(to)) > 0;
    List<Bend> corners =
        new ArrayList<>(
            bends.stream()
                .map(
                    p ->
                        new Bend(
                            NoseMapper.point(p.acrossMm(), p.upMm(), p.backMm()),
                            size(diameter).leastRadius()))
                .toList());
    if (turned) {
      Collections.reverse(corners);
    }
    Vector3D start = places.end(from);
    Vector3D end = places.end(to);
    Vector3D first = corners.isEmpty() ? end : corners.get(0).at();
    Vector3D last = corners.isEmpty() ? start : corners.get(corners.size() - 1).at();
    return new Route(port(from, start, first), corners, port(to, end, last), size(diameter));
  }

  private static HoseSize size(double diameter) {
    double outside = Math.max(THIN, diameter);
    return new HoseSize(INSIDE * outside, outside, ROUND * outside);
  }

  /** A loom leaves its end by any way. */
  private static Port port(Spot spot, Vector3D at, Vector3D towards) {
    return new Port(Name.of(spot.device(), Name.Noun.WIRED_EXTRA, 0), at, way(at, towards), false);
  }

  private static Direction way(Vector3D from, Vector3D to) {
    Vector3D by = to.subtract(from);
    return Arrays.stream(Direction.values())
        .max((a, b) -> Double.compare(a.vector().dotProduct(by), b.vector().dotProduct(by)))
        .orElseThrow();
  }

  static List<WaySaid> all(JobContent job, Build build) {
    WiredBuild wired = WiredBuild.of(job, build);
    List<WaySaid> said = new ArrayList<>();
    for (Formboard.Bundle b : Formboard.of(wired.loom()).bundles()) {
      Optional<LaidWay> laid = wired.places().way(b.spots().get(0), b.spots().get(1));
      LoomWay way =
          of(wired.places(), b, laid.map(LaidWay::bends).orElseGet(() -> thought(wired, b)));
      said.add(way.said(b, laid.isPresent()));
    }
    return said;
  }

  /** Across, then up, then back, as one thinks of it before anybody looks. */
  private static List<NosePoint> thought(WiredBuild wired, Formboard.Bundle b) {
    LoomWay bare = of(wired.places(), b, List.of());
    Vector3D start = wired.places().end(bare.from);
    Vector3D end = wired.places().end(bare.to);
    Vector3D one = new Vector3D(Axis.ACROSS.of(end), Axis.UP.of(start), Axis.BACK.of(start));
    Vector3D two = new Vector3D(Axis.ACROSS.of(end), Axis.UP.of(end), Axis.BACK.of(start));
    return List.of(point("bend-1", one), point("bend-2", two));
  }

  private static NosePoint point(String id, Vector3D at) {
    Place p = Place.of(at);
    return new NosePoint(id, Math.rint(p.acrossMm()), Math.rint(p.upMm()), Math.rint(p.backMm()));
  }

  private WaySaid said(Formboard.Bundle b, boolean laid) {
    Route route = route(b.diameter());
    List<Near> near = Near.of(route, places.zones(), REACH);
    return new WaySaid(
        id(from, to),
        LoomResult.LoomPlace.of(from),
        LoomResult.LoomPlace.of(to),
        laid,
        bends,
        route.line().stream().map(Place::of).toList(),
        b.diameter() * 1000,
        places.length(from, to),
        near.stream().limit(NEAR).map(RouteNear::of).toList(),
        near.stream()
            .filter(n -> n.toSpare() < 0)
            .map(n -> Said.PartName.of(n.zone().name()))
            .toList());
  }

  static LaidLoom laid(JobContent job, Build build) {
    WiredBuild wired = WiredBuild.of(job, build);
    RouteCheck check = new RouteCheck(wired.places().zones(), OptionalDouble.empty());
    List<LaidWay> ways = new ArrayList<>();
    Map<String, List<Said.PartName>> blocked = new LinkedHashMap<>();
    for (Formboard.Bundle b : Formboard.of(wired.loom()).bundles()) {
      LoomWay way = of(wired.places(), b, List.of());
      String id = id(way.from, way.to);
      try {
        RouteFinder.Result found =
            RouteFinder.lay(way.ports(way.from), way.ports(way.to), size(b.diameter()), check);
        if (found instanceof RouteFinder.Result.Laid l) {
          ways.add(new LaidWay(id, points(l.route())));
        } else if (found instanceof RouteFinder.Result.Blocked by) {
          blocked.put(id, by.by().stream().map(Said.PartName::of).toList());
        }
      } catch (RefusedException e) {
        blocked.put(id, List.of()); // an end lies outside of what is measured
      }
    }
    return new LaidLoom(ways, blocked);
  }

  private List<Port> ports(Spot spot) {
    Vector3D at = places.end(spot);
    Name name = Name.of(spot.device(), Name.Noun.WIRED_EXTRA, 0);
    return Arrays.stream(Direction.values()).map(d -> new Port(name, at, d, false)).toList();
  }

  private static List<NosePoint> points(Route route) {
    List<NosePoint> points = new ArrayList<>();
    for (Bend bend : route.bends()) {
      points.add(point("bend-" + (points.size() + 1), bend.at()));
    }
    return points;
  }
}
