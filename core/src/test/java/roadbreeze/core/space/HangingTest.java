package roadbreeze.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.bracket.Form;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.stack.Rectangle;

class HangingTest {
  static final StripStock STOCK = new StripStock(Metal.STEEL, 25e-3, 3.2e-3, 3.2e-3);
  private static final Box CORE = new Box(0.3, 0.2, 0.06, 0.28, 0.19, 0.032);
  private static final Name COOLER = Name.of(Name.Noun.OIL_COOLER);

  static Hanging hanging(Solid... solids) {
    return new Hanging(
        CORE,
        Ears.usual(0.28, 0.19, 0.032),
        0,
        List.of(solids),
        List.of(new Pack.Piece(COOLER, Pack.Kind.OIL_COOLER, CORE)));
  }

  static BodyHole hole(String id, double x, double y, double z) {
    return new BodyHole(
        Name.given(id, Name.Noun.HOLE, id),
        BodyHole.Sort.THREADED,
        new Vector3D(x, y, z),
        Direction.FORWARD,
        ScrewThread.M8,
        0.012,
        Optional.empty(),
        0.002);
  }

  private static final BodyHole LEFT = hole("left", 0.16, 0.37, 0.04);

  private static List<Form> clear(Hanging hanging, Corner corner) {
    return hanging.forms(corner, LEFT, STOCK).stream()
        .filter(f -> hanging.blocked(f, LEFT).isEmpty())
        .toList();
  }

  @Test
  void earsStandAsideOfTheCoreOnItsMiddleDepth() {
    Vector3D ear = Ears.usual(0.28, 0.19, 0.032).at(CORE, Corner.UPPER_LEFT);
    assertThat(ear.distance(new Vector3D(0.278, 0.37, 0.076))).isCloseTo(0, within(1e-12));
  }

  @Test
  void aStripGoesOutwardsToItsHoleAndNotThroughMetalOrACore() {
    assertThat(clear(hanging(), Corner.UPPER_LEFT)).isNotEmpty();
    Solid post = Noses.metal("post", new Rectangle(0.21, 0.25, 0.03, 0.2), false, false);
    assertThat(clear(hanging(post), Corner.UPPER_LEFT)).isEmpty();
    Form form = hanging().forms(Corner.UPPER_LEFT, LEFT, STOCK).get(0);
    assertThat(hanging(post).blocked(form, LEFT)).contains(post.name());
    // What its hole is in it may lie on.
    Solid own = Noses.metal("own", new Rectangle(0.15, 0.30, 0.02, 0.2), false, false);
    assertThat(hanging(own).blocked(form, LEFT)).isEmpty();
    // From the right ear the same hole lies behind the core itself.
    assertThat(clear(hanging(), Corner.UPPER_RIGHT)).isEmpty();
    assertThat(hanging().blocked(hanging().forms(Corner.UPPER_RIGHT, LEFT, STOCK).get(0), LEFT))
        .contains(COOLER);
  }

  @Test
  void eachEarTakesTheHoleThatIsLeastTroubleAndNoneTwice() {
    List<BodyHole> holes =
        List.of(LEFT, hole("low", 0.16, 0.22, 0.04), hole("right", 0.70, 0.37, 0.04));
    List<Hanging.Tied> tied = hanging().proposed(holes, STOCK);
    assertThat(tied)
        .extracting(t -> t.corner() + " " + t.hole().name().id())
        .containsExactly("UPPER_LEFT left", "UPPER_RIGHT right", "LOWER_LEFT low");
    // Too far for any bracket.
    assertThat(hanging().proposed(List.of(hole("far", -0.4, 0.37, 0.04)), STOCK)).isEmpty();
  }
}
