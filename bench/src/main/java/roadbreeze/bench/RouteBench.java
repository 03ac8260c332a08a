package roadbreeze.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.route.Hung;
import roadbreeze.core.route.Port;
import roadbreeze.core.route.Route;
import roadbreeze.core.route.RouteCheck;
import roadbreeze.core.route.RouteFinder;
import roadbreeze.core.route.Zone;

/** Hoses through front ends of forty things: how long one is laid, and held while it is dragged. */
public final class RouteBench {
  private static final int THINGS = 40;
  private static final int SCENES = 60;
  private static final HoseSize HOSE = HoseSize.usual(9.5e-3);

  private RouteBench() {}

  /** A hose that was laid, with what it is held against. */
  record Scene(Route route, RouteCheck check) {}

  private static Port port(double x, double y, double z, Direction looks) {
    Name name = Name.given("port", Name.Noun.LINE_PORT, "port");
    return new Port(name, new Vector3D(x, y, z), looks, false);
  }

  private static RouteCheck check(int seed) {
    Random random = new Random(seed);
    List<Zone> zones = new ArrayList<>();
    for (int i = 0; i < THINGS; i++) {
      double x = 0.1 + random.nextDouble() * 0.6;
      double y = random.nextDouble() * 0.5;
      double z = random.nextDouble() * 0.3;
      boolean tube = i % 4 == 0;
      Nature nature = tube ? Nature.HOSE : Nature.METAL;
      zones.add(
          new Zone(
              Name.given("thing-" + i, Name.Noun.OBSTACLE, "thing"),
              tube
                  ? new Tube(
                      List.of(new Vector3D(x, y, z), new Vector3D(x, y + 0.1, z + 0.1)), 0.01)
                  : new Box(x, y, z, 0.05, 0.05, 0.04),
              nature,
              !tube,
              0.002));
    }
    return new RouteCheck(zones, OptionalDouble.of(-0.2));
  }

  static RouteFinder.Result lay(RouteCheck check) {
    Port from = port(0, 0.1, 0.3, Direction.LEFT);
    Port to = port(0.8, 0.3, 0.1, Direction.RIGHT);
    return RouteFinder.lay(from.withElbows(), to.withElbows(), HOSE, check);
  }

  static List<Scene> scenes(int count) {
    List<Scene> scenes = new ArrayList<>();
    for (int seed = 0; seed < count; seed++) {
      RouteCheck check = check(seed);
      if (lay(check) instanceof RouteFinder.Result.Laid laid) {
        scenes.add(new Scene(laid.route(), check));
      }
    }
    return scenes;
  }

  static void report() {
    List<Scene> scenes = scenes(SCENES);
    double[] laid = new double[SCENES];
    for (int seed = 0; seed < SCENES; seed++) {
      RouteCheck check = check(seed);
      laid[seed] = Timed.milliseconds(() -> lay(check));
    }
    Arrays.sort(laid);
    Runnable held =
        () -> scenes.forEach(s -> s.check().of(new Hung(s.route(), List.of(), List.of())));
    Runnable plain = () -> scenes.forEach(s -> PlainGaps.of(s.route(), s.check().zones()));
    double one = Timed.median(held, 15, 31) / scenes.size();
    double by = Timed.median(plain, 1, 5) / scenes.size();
    System.out.printf(
        "%nHoses among %d things: %d of %d scenes have a way; laid in %.0f ms, %.0f in nineteen of"
            + " twenty, %.0f at most%n",
        THINGS, scenes.size(), SCENES, laid[SCENES / 2], laid[SCENES * 19 / 20], laid[SCENES - 1]);
    System.out.printf(
        "one hose held against them while it is dragged: %.2f ms, %.0f times faster than every"
            + " millimetre of it%n",
        one, by / one);
  }
}
