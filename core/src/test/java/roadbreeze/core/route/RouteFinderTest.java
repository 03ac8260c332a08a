package roadbreeze.core.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Tube;

class RouteFinderTest {
  private static final HoseSize HOSE = HoseSize.usual(9.5e-3);

  private static Port port(double x, double y, double z, Direction looks) {
    return new Port(
        Name.given("port", Name.Noun.OBSTACLE, "port"), new Vector3D(x, y, z), looks, false);
  }

  private static Zone zone(String id, Nature nature, Box box) {
    return new Zone(Name.given(id, Name.Noun.OBSTACLE, id), box, nature, false, 0.002);
  }

  private static RouteFinder.Result lay(Port from, Port to, List<Zone> zones) {
    return RouteFinder.lay(
        List.of(from), List.of(to), HOSE, new RouteCheck(zones, OptionalDouble.empty()));
  }

  @Test
  void portsThatLookAtEachOtherAreJoinedStraight() {
    RouteFinder.Result result =
        lay(port(0, 0, 0, Direction.RIGHT), port(0.6, 0, 0, Direction.LEFT), List.of());
    Route route = ((RouteFinder.Result.Laid) result).route();
    assertThat(route.bends()).isEmpty();
    assertThat(route.length()).isEqualTo(0.6);
  }

  @Test
  void aWallIsGoneRound() {
    Zone wall = zone("wall", Nature.METAL, new Box(0.29, -0.2, -0.2, 0.02, 0.4, 0.4));
    RouteFinder.Result result =
        lay(port(0, 0, 0, Direction.RIGHT), port(0.6, 0, 0, Direction.LEFT), List.of(wall));
    Route route = ((RouteFinder.Result.Laid) result).route();
    assertThat(Near.of(route, List.of(wall), 1).get(0).toSpare()).isBetween(0.0, 0.03);
    assertThat(route.length()).isGreaterThan(0.62);
  }

  /** A port in a box has no way out, and the box is named. */
  @Test
  void whatBarsTheWayIsNamed() {
    List<Zone> walls = new ArrayList<>();
    for (Axis axis : Axis.values()) {
      for (int side : new int[] {-1, 1}) {
        double[] low = {0.3, -0.3, -0.3};
        double[] size = {0.6, 0.6, 0.6};
        int k = axis.ordinal();
        low[k] = (k == 0 ? 0.6 : 0) + side * 0.3 - 0.005;
        size[k] = 0.01;
        walls.add(
            zone(
                axis + "" + side,
                Nature.METAL,
                new Box(low[0], low[1], low[2], size[0], size[1], size[2])));
      }
    }
    RouteFinder.Result result =
        lay(port(0, 0, 0, Direction.RIGHT), port(0.6, 0, 0, Direction.LEFT), walls);
    assertThat(((RouteFinder.Result.Blocked) result).by())
        .extracting(Name::id)
        .containsExactly("ACROSS-1");
  }

  /** Two hundred long things and ports at the frame's ends: few planes, and soon an answer. */
  @Test
  void aCrowdedNoseFillsNoMemory() {
    Random random = new Random(3);
    List<Zone> zones = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      List<Vector3D> points = new ArrayList<>();
      for (int k = 0; k < 40; k++) {
        points.add(
            new Vector3D(
                random.nextDouble() * 4 - 2, random.nextDouble() * 4 - 2, random.nextDouble() * 4));
      }
      Name name = Name.given("t" + i, Name.Noun.OBSTACLE, "t");
      zones.add(new Zone(name, new Tube(points, 0.01), Nature.HOSE, false, 0));
    }
    Port from = port(-2.3, -2.3, -0.5, Direction.RIGHT);
    Port to = port(2.3, 2.3, 2.9, Direction.LEFT);
    RouteGrid grid =
        new RouteGrid(
            from.withElbows(),
            to.withElbows(),
            HOSE,
            new RouteCheck(zones, OptionalDouble.empty()),
            false);
    assertThat(grid.places()).isLessThan(400_000);
    assertThat(lay(from, to, zones)).isNotNull();
  }

  private static final int SCENES = Integer.getInteger("roadbreeze.scenes", 2000);

  /** Sampled every two millimetres, against boxes by clamping: not by the finder's arithmetic. */
  @Test
  void noRouteEverEntersAZoneOrKinks() {
    long laid = IntStream.range(0, SCENES).parallel().filter(RouteFinderTest::laidClear).count();
    assertThat(laid).as("most scenes have a way").isGreaterThan(SCENES / 2);
  }

  private static boolean laidClear(int scene) {
    Random random = new Random(scene);
    List<Zone> zones = new ArrayList<>();
    int count = 1 + random.nextInt(5);
    for (int i = 0; i < count; i++) {
      double[] size = {0.02 + random.nextDouble() * 0.2, 0.02 + random.nextDouble() * 0.2, 0.02};
      int turn = random.nextInt(3);
      Box box =
          new Box(
              random.nextDouble() * 0.5,
              random.nextDouble() * 0.4,
              random.nextDouble() * 0.3,
              size[turn],
              size[(turn + 1) % 3],
              size[(turn + 2) % 3]);
      zones.add(zone("zone " + i, Nature.values()[random.nextInt(5)], box));
    }
    Port from = port(0, random.nextDouble() * 0.3, random.nextDouble() * 0.2, any(random));
    Port to = port(0.5, random.nextDouble() * 0.3, random.nextDouble() * 0.2, any(random));
    if (zones.stream().anyMatch(z -> Near.standsBy(from, z, HOSE) || Near.standsBy(to, z, HOSE))) {
      return false;
    }
    if (lay(from, to, zones) instanceof RouteFinder.Result.Laid found) {
      keepsClear(scene, found.route(), zones);
      return true;
    }
    return false;
  }

  private static Direction any(Random random) {
    return Direction.values()[random.nextInt(6)];
  }

  private static void keepsClear(int scene, Route route, List<Zone> zones) {
    List<Vector3D> line = route.line();
    for (int i = 1; i < line.size(); i++) {
      Vector3D way = line.get(i).subtract(line.get(i - 1));
      for (double along = 0; along <= way.getNorm(); along += 0.002) {
        Vector3D p = line.get(i - 1).add(way.scalarMultiply(along / way.getNorm()));
        for (Zone zone : zones) {
          Box b = zone.shape().bounds();
          double x = Math.max(0, Math.max(b.x() - p.getX(), p.getX() - b.right()));
          double y = Math.max(0, Math.max(b.y() - p.getY(), p.getY() - b.top()));
          double z = Math.max(0, Math.max(b.z() - p.getZ(), p.getZ() - b.back()));
          double gap = Math.sqrt(x * x + y * y + z * z) - HOSE.outside() / 2;
          double wanted = zone.wanted() + zone.plusMinus();
          if (gap < wanted - 1e-5) {
            throw new AssertionError(
                "scene %d: %.4f m from %s, wanted %.4f".formatted(scene, gap, zone, wanted));
          }
        }
      }
    }
    for (Route.Corner corner : route.corners()) {
      assertThat(corner.radius()).as("scene %d", scene).isGreaterThan(HOSE.leastRadius() - 1e-6);
    }
  }
}
