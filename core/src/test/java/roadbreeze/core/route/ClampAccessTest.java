package roadbreeze.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.space.Pack;
import roadbreeze.core.space.ToolAccess;

/** A clamp on a port that looks to the right, with cooler and fan round it. */
class ClampAccessTest {
  private static final Name COOLER = Name.of("cooler-1", Name.Noun.OIL_COOLER, 0);
  private static final Name CORE = Name.of(Name.Noun.RADIATOR);
  private static final Port PORT =
      new Port(Name.of(Name.Noun.FEED_LINE), Vector3D.ZERO, Direction.RIGHT, false);

  private static ClampAccess of(Pack.Piece... round) {
    ToolAccess access = new ToolAccess(List.of(), List.of(round));
    return ClampAccess.of(PORT, 0.017, access, COOLER::equals);
  }

  private static Pack.Piece piece(Name name, double x, double y, double z, double... size) {
    return new Pack.Piece(name, Pack.Kind.OIL_COOLER, new Box(x, y, z, size[0], size[1], size[2]));
  }

  @Test
  void itsScrewLooksWhereAHandComesFromFirst() {
    assertThat(of().looks()).contains(Direction.FORWARD);
    // Something before it: then up, with the bonnet open.
    Pack.Piece before = piece(CORE, -0.1, -0.1, -0.08, 0.3, 0.2, 0.04);
    assertThat(of(before)).isEqualTo(new ClampAccess(Optional.of(Direction.UP), Optional.empty()));
  }

  @Test
  void whatComesInLaterWaitsForIt() {
    Pack.Piece core = piece(CORE, -0.1, 0.03, -0.1, 0.3, 0.1, 0.2);
    Pack.Piece under = piece(CORE, -0.1, -0.13, -0.1, 0.3, 0.1, 0.2);
    Pack.Piece behind = piece(CORE, -0.1, -0.1, 0.03, 0.3, 0.2, 0.1);
    Pack.Piece cooler = piece(COOLER, -0.1, -0.1, -0.08, 0.3, 0.2, 0.04);
    assertThat(of(core, under, behind, cooler))
        .isEqualTo(new ClampAccess(Optional.of(Direction.FORWARD), Optional.of(COOLER)));
    // What was there before and stays does not wait.
    Pack.Piece bar = piece(CORE, -0.1, -0.1, -0.08, 0.3, 0.2, 0.04);
    assertThat(of(core, under, behind, bar).looks()).isEmpty();
  }

  /** Oil stays in a hose that rises over the port, and leaves by one that falls away. */
  @Test
  void oilRunsOutWhereAHoseFallsAway() {
    Port high = new Port(PORT.name(), new Vector3D(0, 0.5, 0), Direction.RIGHT, false);
    Port low = new Port(PORT.name(), new Vector3D(0.6, 0.2, 0), Direction.LEFT, false);
    HoseSize hose = HoseSize.usual(9.5e-3);
    Route falls = new Route(high, List.of(), low, hose);
    assertThat(DrainBack.runsOut(high, falls)).isTrue();
    assertThat(DrainBack.runsOut(low, falls)).isFalse();
    Bend over = new Bend(new Vector3D(0.2, 0.62, 0), 0.06);
    assertThat(DrainBack.runsOut(high, new Route(high, List.of(over), low, hose))).isFalse();
    assertThat(DrainBack.over(new Box(0, 0.4, 0, 0.3, 0.2, 0.03), high))
        .isCloseTo(0.5, within(1e-9));
    assertThat(DrainBack.over(new Box(0, 0.1, 0, 0.3, 0.2, 0.03), high)).isZero();
  }
}
