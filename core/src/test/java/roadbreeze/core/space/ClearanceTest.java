package roadbreeze.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.stack.Rectangle;

class ClearanceTest {
  private static final Rectangle RADIATOR = new Rectangle(0, 0, 0.76, 0.52);
  private static final Rectangle OPENING = new Rectangle(-0.02, -0.02, 0.80, 0.56);

  private static Name name(String given) {
    return Name.given(given, Name.Noun.OBSTACLE, given);
  }

  private static List<Clearance> check(
      Layout.Cooler cooler, double fanToCore, double tipGap, Layout.FanPlace... fans) {
    return Clearance.of(
        new Layout(
            OPENING,
            0.12,
            0.012,
            fanToCore,
            tipGap,
            false,
            RADIATOR,
            List.of(cooler),
            List.of(
                Noses.metal("latch brace", new Rectangle(0.36, -0.02, 0.04, 0.56), false, false),
                Noses.metal("horn", new Rectangle(0.60, 0.40, 0.10, 0.10), false, true)),
            List.of(),
            List.of(fans)));
  }

  private static Layout.Cooler cooler(
      double x, double y, double depth, double gap, Layout.Depth place) {
    Box box = new Box(x, y, 0.12 - gap - depth, 0.28, 0.19, depth);
    return new Layout.Cooler(name("oil cooler"), box, gap, place);
  }

  @Test
  void aCoolerWithRoomAllRoundIsLeftAlone() {
    assertThat(check(cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT), 0.03, 0.012)).isEmpty();
  }

  @Test
  void eachDistanceIsMeasuredAndItsFixNamed() {
    List<Clearance> near = check(cooler(0.075, 0.25, 0.032, 0.02, Layout.Depth.FRONT), 0.03, 0.012);
    assertThat(near)
        .singleElement()
        .satisfies(
            c -> {
              assertThat(c.finding().code()).isEqualTo(Clearance.Kind.NEAR_OBSTACLE);
              assertThat(c.actual()).isCloseTo(0.005, within(1e-9));
              assertThat(c.finding().amount("by")).isCloseTo(0.005, within(1e-9));
            });
    assertThat(check(cooler(-0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.OUTSIDE_OPENING);
    assertThat(check(cooler(0.05, 0.25, 0.110, 0.02, Layout.Depth.FRONT), 0.03, 0.012))
        .singleElement()
        .satisfies(c -> assertThat(c.finding().amount("gap")).isCloseTo(0.010, within(1e-9)));
    assertThat(check(cooler(0.05, 0.25, 0.032, 0, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(c -> c.finding().code())
        .first()
        .isEqualTo(Clearance.Kind.TOUCHES_CORE);
    assertThat(check(cooler(0.45, 0.22, 0.032, 0.02, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(c -> c.finding().code())
        .first()
        .isEqualTo(Clearance.Kind.IN_MOVABLE);
  }

  @Test
  void whatStandsAtAnotherDepthIsOutOfTheWayAndWhatIsBadlyKnownIsDoubted() {
    Layout.Cooler cooler = cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
    Box before = new Box(0.05, 0.25, 0, 0.28, 0.19, 0.03);
    assertThat(with(cooler, solid(before, Nature.METAL, 0))).isEmpty();
    assertThat(with(cooler, solid(before, Nature.METAL, 0.04)))
        .singleElement()
        .satisfies(
            c -> {
              assertThat(c.finding().code()).isEqualTo(Clearance.Kind.MAYBE_NEAR);
              assertThat(c.serious()).isFalse();
              assertThat(c.actual()).isCloseTo(0.038, within(1e-9));
            });
    assertThat(with(cooler, solid(before, Nature.HOT, 0)))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.NEAR_HOT);
  }

  private static Solid solid(Box box, Nature nature, double known) {
    return new Solid(name("thing"), Solid.What.OTHER, box, nature, false, Optional.empty(), known);
  }

  private static List<Clearance> with(Layout.Cooler cooler, Solid solid) {
    return Clearance.of(
        new Layout(
            OPENING,
            0.12,
            0.012,
            0.03,
            0.012,
            false,
            RADIATOR,
            List.of(cooler),
            List.of(solid),
            List.of(),
            List.of()));
  }

  @Test
  void placesInDepthNeedTheirRoom() {
    assertThat(check(cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.BEHIND_CONDENSER), 0.03, 0.012))
        .extracting(c -> c.finding().code())
        .first()
        .isEqualTo(Clearance.Kind.BETWEEN_CORES);
    assertThat(check(cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.BEHIND_RADIATOR), 0.03, 0.012))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.BEFORE_FAN);
  }

  @Test
  void fansNeedTheirsToo() {
    Layout.Cooler good = cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
    Layout.FanPlace puller = new Layout.FanPlace(name("main fan"), RADIATOR, false);
    assertThat(check(good, 0.010, 0.012, puller))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.FAN_TO_CORE);
    assertThat(check(good, 0.030, 0.030, puller))
        .singleElement()
        .satisfies(c -> assertThat(c.serious()).isFalse());
    assertThat(check(good, 0.030, 0.002, puller))
        .singleElement()
        .satisfies(c -> assertThat(c.serious()).isTrue());
    Layout.FanPlace pusher =
        new Layout.FanPlace(name("pusher"), new Rectangle(0.1, 0.2, 0.3, 0.3), true);
    assertThat(check(good, 0.030, 0.012, pusher)).isEmpty();
    Layout.FanPlace wide =
        new Layout.FanPlace(name("pusher"), new Rectangle(0.6, 0.0, 0.3, 0.3), true);
    assertThat(check(good, 0.030, 0.012, wide))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.SHROUD_PAST_CORE);
  }

  private static List<Clearance> among(double depth, Layout.Cooler... coolers) {
    return Clearance.of(
        new Layout(
            OPENING,
            depth,
            0.012,
            0.03,
            0.012,
            false,
            RADIATOR,
            List.of(coolers),
            List.of(),
            List.of(),
            List.of()));
  }

  @Test
  void twoCoolersStandSideBySideOrOneBeforeTheOther() {
    Layout.Cooler left = cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
    Layout.Cooler right = cooler(0.40, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
    Layout.Cooler over = cooler(0.10, 0.20, 0.032, 0.02, Layout.Depth.FRONT);
    assertThat(among(0.12, left, right)).isEmpty();
    assertThat(among(0.12, left, over)).as("room for both in depth").isEmpty();
    assertThat(among(0.08, left, over))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.COOLERS_CLASH);
  }

  @Test
  void aPusherAndACoolerCannotHaveTheSameRoom() {
    Layout.FanPlace pusher =
        new Layout.FanPlace(name("fan 2"), new Rectangle(0.05, 0.2, 0.3, 0.3), true);
    Layout.Cooler good = cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
    Layout shallow =
        new Layout(
            OPENING,
            0.09,
            0.012,
            0.03,
            0.012,
            false,
            RADIATOR,
            List.of(good),
            List.of(),
            List.of(),
            List.of(pusher));
    assertThat(Clearance.of(shallow))
        .extracting(c -> c.finding().code())
        .containsExactly(Clearance.Kind.PUSHER_IN_THE_WAY);
  }

  @Test
  void aPusherBesideACoolerKeepsItsTenMillimetres() {
    for (double gap : new double[] {0.008, 0.012}) {
      Layout.FanPlace pusher =
          new Layout.FanPlace(name("fan 2"), new Rectangle(0.33 + gap, 0.2, 0.3, 0.3), true);
      Layout.Cooler cooler = cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
      Layout beside =
          new Layout(
              OPENING,
              0.09,
              0.012,
              0.03,
              0.012,
              false,
              RADIATOR,
              List.of(cooler),
              List.of(),
              List.of(),
              List.of(pusher));
      assertThat(Clearance.of(beside)).hasSize(gap < Clearance.CORE_TO_METAL ? 1 : 0);
    }
  }
}
