package roadbreeze.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.bracket.ChannelStock;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.stack.Rectangle;

class CrossChannelTest {
  private static final ChannelStock CHANNEL = new ChannelStock(Metal.STEEL, 30e-3, 20e-3, 2e-3);
  private static final Name NAME = Name.of("channel-1", Name.Noun.CROSS_CHANNEL, 0);
  private static final BodyHole LEFT = HangingTest.hole("left", 0.16, 0.43, 0.04);
  private static final BodyHole RIGHT = HangingTest.hole("right", 0.70, 0.43, 0.04);

  private static CrossChannel channel(BodyHole from, BodyHole to, boolean legsOut) {
    return new CrossChannel(NAME, CHANNEL, from, to, legsOut);
  }

  @Test
  void offersATabsPlaceOppositeEachEarOnTheSideOfItsWeb() {
    Hanging hanging = HangingTest.hanging();
    CrossChannel out = channel(LEFT, RIGHT, true);
    assertThat(out.span()).isCloseTo(0.54, within(1e-12));
    assertThat(out.length()).isCloseTo(0.54 + 2 * 12e-3 + 2e-3, within(1e-12));
    Vector3D ear = hanging.ear(Corner.UPPER_LEFT);
    BodyHole back = out.hole(Corner.UPPER_LEFT, ear, 0).orElseThrow();
    assertThat(back.name().id()).isEqualTo("channel-1-upper-left");
    assertThat(back.looks()).isEqualTo(Direction.BACKWARD);
    assertThat(back.at().distance(new Vector3D(0.278, 0.43, 0.04))).isCloseTo(0, within(1e-12));
    BodyHole front = channel(LEFT, RIGHT, false).hole(Corner.UPPER_LEFT, ear, 0).orElseThrow();
    assertThat(front.looks()).isEqualTo(Direction.FORWARD);
    assertThat(front.at().getZ()).isCloseTo(0.02, within(1e-12));
    // Upper ears are 60 mm under the channel, lower ones 210 mm: all to one side.
    assertThat(Math.abs(out.lever(ear))).isCloseTo(0.06, within(1e-12));
    assertThat(out.lever(hanging.ear(Corner.LOWER_LEFT)) / out.lever(ear))
        .isCloseTo(3.5, within(1e-9));
    // Opposite its own screw there is no room for a tab.
    assertThat(out.hole(Corner.UPPER_LEFT, new Vector3D(0.17, 0.4, 0.05), 0)).isEmpty();
  }

  @Test
  void holesThatTakeNoChannelSayWhy() {
    assertThat(channel(LEFT, LEFT, true).misfit().orElseThrow().code())
        .isEqualTo(CrossChannel.Misfit.SAME_HOLE);
    BodyHole deep = HangingTest.hole("deep", 0.70, 0.43, 0.07);
    assertThat(channel(LEFT, deep, true).misfit().orElseThrow().amount("is"))
        .isCloseTo(0.03, within(1e-12));
    BodyHole near = HangingTest.hole("near", 0.20, 0.43, 0.04);
    assertThat(channel(LEFT, near, true).misfit().orElseThrow().code())
        .isEqualTo(CrossChannel.Misfit.TOO_NEAR);
    BodyHole aside =
        new BodyHole(
            RIGHT.name(),
            RIGHT.sort(),
            RIGHT.at(),
            Direction.LEFT,
            RIGHT.thread(),
            0.012,
            Optional.empty(),
            0.002);
    assertThat(channel(LEFT, aside, true).misfit().orElseThrow().code())
        .isEqualTo(CrossChannel.Misfit.LOOK_APART);
    // A little is packed, under the end whose face lies deeper.
    CrossChannel packed = channel(LEFT, HangingTest.hole("packed", 0.70, 0.43, 0.048), true);
    assertThat(packed.misfit()).isEmpty();
    assertThat(packed.packingTo()).isCloseTo(0.008, within(1e-12));
    assertThat(packed.packingFrom()).isZero();
    assertThat(packed.span()).isCloseTo(0.54, within(1e-12));
  }

  /** 30 mm across 190 mm of core, from edge to edge. */
  @Test
  void whatStandsBeforeTheCoreShadesIt() {
    CrossChannel over =
        channel(
            HangingTest.hole("left", 0.16, 0.30, 0.04),
            HangingTest.hole("right", 0.70, 0.30, 0.04),
            true);
    Box core = HangingTest.hanging().cooler();
    assertThat(over.shades(core)).isCloseTo(30.0 / 190, within(1e-9));
    assertThat(channel(LEFT, RIGHT, true).shades(core)).isZero();
    assertThat(over.before(0.06)).isTrue();
    assertThat(over.before(0.03)).isFalse();
    assertThat(over.face().width()).isCloseTo(over.length(), within(1e-9));
  }

  @Test
  void theLeastTroubleIsProposedAndNothingThroughMetal() {
    BodyHole high = HangingTest.hole("high", 0.16, 0.52, 0.04);
    List<BodyHole> holes = List.of(LEFT, RIGHT, high, HangingTest.hole("higher", 0.70, 0.52, 0.04));
    List<TabbedChannel> channels = proposed(HangingTest.hanging(), holes);
    assertThat(channels).hasSize(3);
    TabbedChannel upper = channels.get(0);
    assertThat(List.of(upper.channel().from(), upper.channel().to())).containsExactly(LEFT, RIGHT);
    assertThat(upper.tabs()).hasSize(2);
    for (Hanging.Tied tab : upper.tabs()) {
      List<Vector3D> drilled = tab.form().bracket().foldedHoles(tab.form().start());
      double half = HangingTest.STOCK.thickness() / 2;
      Vector3D face = tab.hole().at().add(tab.hole().looks().vector().scalarMultiply(half));
      assertThat(drilled.get(1).distance(face)).isLessThan(0.1e-3);
    }
    Solid post = Noses.metal("post", new Rectangle(0.45, 0.41, 0.03, 0.03), false, false);
    assertThat(channel(LEFT, RIGHT, true).blocked(HangingTest.hanging(post))).contains(post.name());
    // Past the post from the lower hole to the higher one it would still go, were the tabs not so
    // long.
    assertThat(proposed(HangingTest.hanging(post), holes))
        .noneMatch(t -> t.channel().from().equals(LEFT) && t.channel().to().equals(RIGHT));
  }

  private static List<TabbedChannel> proposed(Hanging hanging, List<BodyHole> holes) {
    return Corner.ROWS.stream()
        .flatMap(
            row ->
                TabbedChannel.proposed(
                    hanging, row, holes, List.of(CHANNEL), HangingTest.STOCK, NAME, t -> true)
                    .stream())
        .toList();
  }
}
