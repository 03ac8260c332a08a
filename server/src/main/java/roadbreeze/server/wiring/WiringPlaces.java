package roadbreeze.server.wiring;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.route.Zone;
import roadbreeze.core.space.Pack;
import roadbreeze.core.wiring.BoxSeat;
import roadbreeze.core.wiring.HandReach;
import roadbreeze.core.wiring.Spot;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.build.WiringPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseRemotePlace;

/** Where the parts of a circuit are in the frame of the nose, and so how long its wires are. */
final class WiringPlaces {
  /** A wire follows edges, and its two ends are left long enough to be worked on; own defaults. */
  private static final double ALONG_EDGES = 1.1;

  private static final double BOTH_ENDS = 0.3;

  /** What is not measured is thought behind the pack, m; own defaults. */
  private static final double BULKHEAD = 1.1;

  private static final double ENGINE = 0.7;
  private static final double GEARBOX = 1.6;

  private static final double PAN_BELOW = 0.2;

  /** The radiator's outlet is so far up from its lower edge, and back. */
  private static final double OUTLET = 0.1;

  /** So far beside the radiator, and so much of its height up. */
  private static final double BATTERY_BESIDE = 0.15;

  private static final double BATTERY_UP = 0.7;

  /** From the bulkhead to what the driver has before him. */
  private static final double IN_CAB = 1.0;

  /** The box is thought so far before the battery, and the body's earth so far from it. */
  private static final double BESIDE = 0.25;

  /** A bundle comes out of a place that is taken so far from it, by steps, m. */
  private static final double RING = 0.03;

  private static final int MOST_RINGS = 20;

  /** Room round where it comes out, m. */
  private static final double CLEAR = 0.015;

  private static final List<Direction> OUT =
      List.of(
          Direction.UP,
          Direction.RIGHT,
          Direction.LEFT,
          Direction.BACKWARD,
          Direction.FORWARD,
          Direction.DOWN);

  private final Map<Spot, Vector3D> places = new HashMap<>();

  /** Where bundles leave their places, as far as somebody has asked. */
  private final Map<Spot, Vector3D> ends = new HashMap<>();

  private final Vector3D battery;
  private final Vector3D box;
  private final WiringPlan plan;
  private final List<Zone> zones;
  private final BoxSeat seat;
  private final List<Solid> standing;
  private final Box radiator;
  private final Pack pack;

  private WiringPlaces(JobContent job, Build build, List<WiringMapper.Fed> fed) {
    Setup setup = job.setup(build);
    pack = Pack.of(setup);
    plan = build.wiring();
    zones = Zone.of(setup, pack);
    radiator =
        pack.pieces().stream()
            .filter(p -> p.kind() == Pack.Kind.RADIATOR)
            .findFirst()
            .orElseThrow()
            .box();
    battery = battery(setup);
    WiringPlan.BoxPlace chosen = build.wiring().box();
    box =
        chosen == null
            ? battery.add(new Vector3D(0, 0, -BESIDE))
            : NoseMapper.point(chosen.acrossMm(), chosen.upMm(), chosen.backMm());
    standing = setup.standing();
    seat =
        new BoxSeat(
            box,
            chosen != null && chosen.opening() == WiringPlan.Opening.UP,
            chosen == null || chosen.sealed());
    for (WiringMapper.Fed f : fed) {
      String id = f.consumer().id();
      places.put(new Spot(Spot.Kind.DEVICE, id), device(job, build, pack, id));
      if (f.sensor() != null) {
        places.put(new Spot(Spot.Kind.SENSOR, id), sensor(f.sensor()));
      }
    }
  }

  static WiringPlaces of(JobContent job, Build build, List<WiringMapper.Fed> fed) {
    return new WiringPlaces(job, build, fed);
  }

  /** Middle of the battery as measured; beside the radiator where nobody has. */
  private Vector3D battery(Setup setup) {
    Optional<Box> measured =
        setup.standing().stream()
            .filter(s -> s.what() == Solid.What.BATTERY)
            .map(s -> s.shape().bounds())
            .findFirst();
    return measured
        .map(WiringPlaces::middle)
        .orElseGet(
            () ->
                new Vector3D(
                    radiator.right() + BATTERY_BESIDE,
                    radiator.y() + BATTERY_UP * radiator.height(),
                    ENGINE));
  }

  private static Vector3D middle(Box b) {
    return new Vector3D(b.x() + b.width() / 2, b.y() + b.height() / 2, b.z() + b.depth() / 2);
  }

  private Vector3D device(JobContent job, Build build, Pack pack, String id) {
    Optional<Vector3D> remote =
        build.coolers().stream()
            .filter(c -> c.id().equals(id))
            .map(FittedCooler::remotePlace)
            .flatMap(place -> job.nose().remote(place).stream())
            .map(WiringPlaces::remote)
            .findFirst();
    return remote.orElseGet(
        () ->
            pack.pieces().stream()
                .filter(p -> p.name().id().equals(id))
                .map(p -> middle(p.box()))
                .findFirst()
                .orElse(cab()));
  }

  /** Somewhere under the truck: what is known of it is how far its hoses go. */
  private static Vector3D remote(NoseRemotePlace place) {
    return new Vector3D(0, 0, place.hoseM());
  }

  private Vector3D sensor(FanSensor sensor) {
    double middle = radiator.x() + radiator.width() / 2;
    return switch (sensor.place()) {
      case ENGINE_OUTLET -> new Vector3D(middle, radiator.top(), ENGINE);
      case RADIATOR_OUTLET ->
          new Vector3D(radiator.right(), radiator.y() + OUTLET, radiator.back() + OUTLET);
      case OIL_FEED -> new Vector3D(radiator.x(), radiator.y(), radiator.back());
      case PAN -> new Vector3D(middle, radiator.y() - PAN_BELOW, GEARBOX);
    };
  }

  private Vector3D cab() {
    return new Vector3D(radiator.x() + radiator.width() / 2, radiator.top(), BULKHEAD + IN_CAB);
  }

  Vector3D box() {
    return box;
  }

  /** By what a hand gets at the adjuster of a controller in the box. */
  HandReach boxReach() {
    return HandReach.of(box, standing, pack.pieces());
  }

  List<Finding> boxFaults() {
    return seat.faults(radiator, standing);
  }

  Vector3D at(Spot spot) {
    return switch (spot.kind()) {
      case FEED -> battery;
      case BOX -> box;
      case EARTH -> box.add(new Vector3D(0, -BESIDE, 0));
      case CAB -> cab();
      case ENGINE -> new Vector3D(radiator.x() + radiator.width() / 2, radiator.top(), ENGINE);
      case SENSOR, DEVICE -> places.getOrDefault(spot, cab());
    };
  }

  /**
   * As it is laid through the front end; along the axes where nobody has laid it.
   *
   * @return m, with what both ends are left longer
   */
  double length(Spot from, Spot to) {
    Optional<WiringPlan.LaidWay> way = way(from, to);
    if (way.isEmpty()) {
      return ALONG_EDGES * at(to).subtract(at(from)).getNorm1() + BOTH_ENDS;
    }
    return new LoomWay(this, from, to, way.get().bends()).route(LoomWay.THIN).length() + BOTH_ENDS;
  }

  Optional<WiringPlan.LaidWay> way(Spot from, Spot to) {
    String id = LoomWay.id(from, to);
    return plan.ways().stream().filter(w -> w.id().equals(id)).findFirst();
  }

  List<Zone> zones() {
    return zones;
  }

  /** Where a bundle leaves a place: clear of what stands there. */
  Vector3D end(Spot spot) {
    return ends.computeIfAbsent(spot, this::free);
  }

  private Vector3D free(Spot spot) {
    Vector3D at = at(spot);
    for (int ring = 0; ring <= MOST_RINGS; ring++) {
      for (Direction way : OUT) {
        Vector3D tried = at.add(way.vector().scalarMultiply(ring * RING));
        if (zones.stream().allMatch(z -> from(z, tried) > CLEAR)) {
          return tried;
        }
      }
    }
    return at;
  }

  private static double from(Zone zone, Vector3D place) {
    return zone.shape().bounds().nearest(place).distance(place);
  }
}
