package roadbreeze.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.problem.BadInputException;

class RouteCheckTest {
  /** Bore 9.5, outside 17, least radius 57 mm. */
  private static final HoseSize HOSE = HoseSize.usual(9.5e-3);

  private static final Port LEFT = port(0, 0, Direction.RIGHT);
  private static final Port RIGHT = port(0.28, 0, Direction.LEFT);

  private static Port port(double x, double y, Direction looks) {
    Name name = Name.given("port-" + x, Name.Noun.OBSTACLE, "port");
    return new Port(name, new Vector3D(x, y, 0), looks, false);
  }

  private static Bend bend(double x, double y, double z, double radius) {
    return new Bend(new Vector3D(x, y, z), radius);
  }

  private static Hung hung(Port from, Port to, Bend... bends) {
    return new Hung(new Route(from, List.of(bends), to, HOSE), List.of(), List.of());
  }

  private static Zone zone(Nature nature, Box box) {
    Name name = Name.given("thing", Name.Noun.OBSTACLE, "thing");
    return new Zone(name, box, nature, true, 0);
  }

  private static List<RouteFault> faults(Hung hung, Zone... zones) {
    return check(zones).of(hung).stream().map(RouteCheck.Found::fault).toList();
  }

  private static RouteCheck check(Zone... zones) {
    return new RouteCheck(List.of(zones), OptionalDouble.of(-0.2));
  }

  /** One bend of 90° and 80 mm radius: two legs less a tangent each, and a quarter circle. */
  @Test
  void aRoundedCornerIsAsLongAsItsArc() {
    Route route = hung(LEFT, port(0.3, 0.4, Direction.DOWN), bend(0.3, 0, 0, 0.08)).route();
    assertThat(route.length()).isCloseTo(0.3 + 0.4 - 2 * 0.08 + Math.PI / 2 * 0.08, within(1e-12));
    Route.Corner corner = route.corners().get(0);
    assertThat(corner.tangent()).isCloseTo(0.08, within(1e-12));
    Vector3D middle = new Vector3D(0.22, 0.08, 0);
    assertThat(route.line().subList(1, route.line().size() - 1))
        .allSatisfy(p -> assertThat(p.distance(middle)).isCloseTo(0.08, within(1e-12)));
  }

  /** It leaves each port straight for its grip and has room to turn: both arcs are its own. */
  @Test
  void aPortThatLooksElsewhereBringsABendOfItsOwn() {
    Route route = hung(port(0, 0, Direction.UP), port(0.4, 0, Direction.UP)).route();
    assertThat(route.corners()).extracting(Route.Corner::bend).containsExactly(-1, 0);
    double corner = 0.030 + HOSE.leastRadius();
    assertThat(route.length())
        .isCloseTo(
            2 * corner + 0.4 - 4 * HOSE.leastRadius() + Math.PI * HOSE.leastRadius(),
            within(1e-12));
  }

  @Test
  void whatRocksAsksForSlack() {
    Port engine = new Port(LEFT.name(), LEFT.at(), LEFT.looks(), true);
    assertThat(hung(engine, RIGHT).route().fitted()).isCloseTo(0.28 + 0.025, within(1e-12));
  }

  @Test
  void bendsAreHeldAgainstTheHose() {
    Port up = port(0.3, 0.4, Direction.DOWN);
    assertThat(faults(hung(LEFT, up, bend(0.3, 0, 0, 0.05)))).contains(RouteFault.KINKS);
    assertThat(faults(hung(LEFT, up, bend(0.3, 0, 0, 0.057))))
        .containsExactly(RouteFault.HANGS_FREE);
    // Between two bends of 57 mm there must be 114 mm.
    Port across = port(0.5, 0.1, Direction.LEFT);
    assertThat(faults(hung(LEFT, across, bend(0.2, 0, 0, 0.057), bend(0.2, 0.1, 0, 0.057))))
        .contains(RouteFault.BEND_HAS_NO_ROOM);
    assertThat(faults(hung(LEFT, RIGHT, bend(0.2, 0, 0, 0.06), bend(0.1, 0.001, 0, 0.06))))
        .contains(RouteFault.FOLDED);
    assertThatThrownBy(() -> bend(0, 0, 0, -0.05)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> bend(0, Double.NaN, 0, 0.06)).isInstanceOf(BadInputException.class);
  }

  /** Two quarter bends in planes that stand on each other, with 20 mm of straight between. */
  @Test
  void bendsInTwoPlanesNeedStraightBetween() {
    Port back = new Port(LEFT.name(), new Vector3D(0.2, 0.134, 0.3), Direction.FORWARD, false);
    Bend first = bend(0.2, 0, 0, 0.057);
    assertThat(faults(hung(LEFT, back, first, bend(0.2, 0.134, 0, 0.057))))
        .contains(RouteFault.TWISTS);
    Port farther = new Port(LEFT.name(), new Vector3D(0.2, 0.150, 0.3), Direction.FORWARD, false);
    assertThat(faults(hung(LEFT, farther, first, bend(0.2, 0.150, 0, 0.057))))
        .doesNotContain(RouteFault.TWISTS);
  }

  /** The hose's skin is 8.5 mm from its middle: things stand as far off again as is asked. */
  @Test
  void eachNatureAsksForItsDistance() {
    assertThat(near(Nature.METAL, 0.0095)).containsExactly(RouteFault.CHAFES);
    assertThat(near(Nature.METAL, 0.0105)).isEmpty();
    assertThat(near(Nature.MOVING, 0.0495)).containsExactly(RouteFault.NEAR_MOVING);
    assertThat(near(Nature.MOVING, 0.0505)).isEmpty();
    assertThat(near(Nature.HOT, 0.0995)).containsExactly(RouteFault.NEAR_HOT);
    assertThat(near(Nature.HOT, 0.1005)).isEmpty();
    assertThat(near(Nature.METAL, -0.010)).containsExactly(RouteFault.THROUGH);
    Zone guessed =
        new Zone(
            Name.given("thing", Name.Noun.OBSTACLE, "thing"),
            new Box(0.1, 0.0085 + 0.015, -0.1, 0.05, 0.05, 0.2),
            Nature.METAL,
            true,
            0.010);
    assertThat(faults(hung(LEFT, RIGHT), guessed)).containsExactly(RouteFault.MAYBE_NEAR);
  }

  private static List<RouteFault> near(Nature nature, double gap) {
    Box box = new Box(0.1, HOSE.outside() / 2 + gap, -0.1, 0.05, 0.05, 0.2);
    return faults(hung(LEFT, RIGHT), zone(nature, box));
  }

  /** What a port is screwed to is no obstacle to its own hose, but is to one that comes back. */
  @Test
  void aPortStandsByWhatItIsScrewedTo() {
    Zone core = zone(Nature.METAL, new Box(-0.1, -0.1, -0.02, 0.1, 0.2, 0.04));
    assertThat(faults(hung(LEFT, RIGHT), core)).isEmpty();
    Port behind = port(-0.2, 0, Direction.LEFT);
    assertThat(faults(hung(LEFT, behind, bend(0.15, 0.05, 0, 0.02)), core))
        .contains(RouteFault.THROUGH);
  }

  @Test
  void whatIsLowWhatHangsAndWhatTrapsAirIsSaid() {
    Port far = port(0.5, 0, Direction.LEFT);
    assertThat(faults(hung(LEFT, far))).containsExactly(RouteFault.HANGS_FREE);
    Route straight = hung(LEFT, far).route();
    Hung clipped = new Hung(straight, List.of(), List.of(0.25));
    Zone bar = zone(Nature.METAL, new Box(0.2, 0.03, -0.1, 0.1, 0.05, 0.2));
    assertThat(faults(clipped)).containsExactly(RouteFault.CLIP_ON_NOTHING);
    assertThat(faults(clipped, bar)).isEmpty();
    assertThat(faults(hung(LEFT, far, bend(0.25, -0.35, 0, 0.06)))).contains(RouteFault.LOW);
    assertThat(faults(hung(LEFT, far, bend(0.25, 0.25, 0, 0.1)))).contains(RouteFault.TRAPS_AIR);
  }

  /** Every mend that is offered does away with what it is offered for. */
  @Test
  void mendsMend() {
    Port far = port(0.5, 0, Direction.LEFT);
    List<Zone> around = new ArrayList<>();
    around.add(zone(Nature.METAL, new Box(0.1, 0.014, -0.1, 0.05, 0.05, 0.2)));
    around.add(named("belt", Nature.MOVING, new Box(0.2, -0.09, -0.1, 0.05, 0.05, 0.2)));
    around.add(named("pipe", Nature.HOT, new Box(0.3, -0.15, -0.1, 0.05, 0.05, 0.2)));
    around.add(named("sheet", Nature.METAL, new Box(0.42, -0.3, -0.3, 0.002, 0.6, 0.6)));
    RouteCheck check = new RouteCheck(around, OptionalDouble.of(-0.2));
    Hung hung = hung(LEFT, far);
    List<RouteCheck.Found> found = check.of(hung);
    assertThat(found)
        .extracting(RouteCheck.Found::fault)
        .containsExactlyInAnyOrder(
            RouteFault.CHAFES,
            RouteFault.NEAR_MOVING,
            RouteFault.NEAR_HOT,
            RouteFault.THROUGH,
            RouteFault.HANGS_FREE);
    for (RouteCheck.Found fault : found) {
      List<RouteMend> mends = RouteMend.of(hung, fault, check);
      if (fault.fault() != RouteFault.HANGS_FREE) {
        assertThat(mends).as("%s", fault.finding()).isNotEmpty();
      }
      for (RouteMend mend : mends) {
        assertThat(check.of(mend.hung()))
            .as("%s for %s", mend.way(), fault.finding())
            .noneMatch(f -> f.fault() == fault.fault() && same(f.near(), fault.near()));
      }
    }
  }

  private static boolean same(Near a, Near b) {
    return a == null ? b == null : b != null && a.zone().equals(b.zone());
  }

  private static Zone named(String id, Nature nature, Box box) {
    return new Zone(Name.given(id, Name.Noun.OBSTACLE, id), box, nature, true, 0);
  }

  @Test
  void clipsLeaveNoSpanTooLong() {
    Route route = hung(LEFT, port(1.3, 0, Direction.LEFT)).route();
    List<Double> clips = RouteMend.clips(route, check());
    assertThat(clips).hasSize(4);
    assertThat(check().of(new Hung(route, List.of(), clips)))
        .extracting(RouteCheck.Found::fault)
        .doesNotContain(RouteFault.HANGS_FREE);
  }

  /** Corners on each other, on a port, back and forth: something is said, nothing breaks. */
  @Test
  void noHoseIsTooOddToBeHeldAgainstThings() {
    Random random = new Random(11);
    Zone bar = zone(Nature.METAL, new Box(0.1, -0.05, -0.1, 0.05, 0.1, 0.2));
    RouteCheck check = check(bar);
    for (int round = 0; round < 400; round++) {
      List<Bend> bends = new ArrayList<>();
      for (int i = 0; i < random.nextInt(6); i++) {
        // A coarse lattice, so that places often coincide.
        bends.add(
            bend(
                random.nextInt(4) * 0.1 - 0.1,
                random.nextInt(3) * 0.1 - 0.1,
                random.nextInt(2) * 0.1,
                0.01 + random.nextInt(4) * 0.05));
      }
      Port to = random.nextBoolean() ? RIGHT : port(0.1, 0.1, Direction.UP);
      Hung hung = new Hung(new Route(LEFT, bends, to, HOSE), List.of(), List.of(0.1));
      assertThat(hung.route().length()).isFinite().isPositive();
      for (RouteCheck.Found found : check.of(hung)) {
        assertThat(RouteMend.of(hung, found, check)).isNotNull();
      }
    }
  }
}
