package roadbreeze.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.stack.Rectangle;

class ClearanceTest {
  private static final Rectangle RADIATOR = new Rectangle(0, 0, 0.76, 0.52);
  private static final Rectangle OPENING = new Rectangle(-0.02, -0.02, 0.80, 0.56);

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
                new Layout.Obstacle("latch brace", new Rectangle(0.36, -0.02, 0.04, 0.56), false),
                new Layout.Obstacle("horn", new Rectangle(0.60, 0.40, 0.10, 0.10), true)),
            List.of(fans)));
  }

  private static Layout.Cooler cooler(
      double x, double y, double depth, double gap, Layout.Depth place) {
    return new Layout.Cooler("oil cooler", new Rectangle(x, y, 0.28, 0.19), depth, gap, place);
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
              assertThat(c.kind()).isEqualTo(Clearance.Kind.CORE_TO_METAL);
              assertThat(c.actual()).isCloseTo(0.005, within(1e-9));
              assertThat(c.fix()).contains("move the cooler by 5 mm");
            });
    assertThat(check(cooler(-0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(Clearance::kind)
        .containsExactly(Clearance.Kind.OUTSIDE_OPENING);
    assertThat(check(cooler(0.05, 0.25, 0.110, 0.02, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(Clearance::fix)
        .containsExactly("close the gap to 10 mm");
    assertThat(check(cooler(0.05, 0.25, 0.032, 0, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(Clearance::reason)
        .first()
        .asString()
        .contains("wears a hole");
    assertThat(check(cooler(0.45, 0.22, 0.032, 0.02, Layout.Depth.FRONT), 0.03, 0.012))
        .extracting(Clearance::fix)
        .first()
        .asString()
        .contains("move the horn");
  }

  @Test
  void placesInDepthNeedTheirRoom() {
    assertThat(check(cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.BEHIND_CONDENSER), 0.03, 0.012))
        .extracting(Clearance::fix)
        .first()
        .asString()
        .contains("never disconnect");
    assertThat(check(cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.BEHIND_RADIATOR), 0.03, 0.012))
        .extracting(Clearance::kind)
        .containsExactly(Clearance.Kind.FAN_TO_CORE);
  }

  @Test
  void fansNeedTheirsToo() {
    Layout.Cooler good = cooler(0.05, 0.25, 0.032, 0.02, Layout.Depth.FRONT);
    Layout.FanPlace puller = new Layout.FanPlace("main fan", RADIATOR, false);
    assertThat(check(good, 0.010, 0.012, puller))
        .extracting(Clearance::kind)
        .containsExactly(Clearance.Kind.FAN_TO_CORE);
    assertThat(check(good, 0.030, 0.030, puller))
        .singleElement()
        .satisfies(c -> assertThat(c.serious()).isFalse());
    assertThat(check(good, 0.030, 0.002, puller))
        .singleElement()
        .satisfies(c -> assertThat(c.serious()).isTrue());
    Layout.FanPlace pusher = new Layout.FanPlace("pusher", new Rectangle(0.1, 0.2, 0.3, 0.3), true);
    assertThat(check(good, 0.030, 0.012, pusher)).isEmpty();
    Layout.FanPlace wide = new Layout.FanPlace("pusher", new Rectangle(0.6, 0.0, 0.3, 0.3), true);
    assertThat(check(good, 0.030, 0.012, wide))
        .extracting(Clearance::kind)
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
        .extracting(Clearance::kind)
        .containsExactly(Clearance.Kind.CORE_TO_CORE);
  }

  @Test
  void aPusherAndACoolerCannotHaveTheSameRoom() {
    Layout.FanPlace pusher = new Layout.FanPlace("fan 2", new Rectangle(0.05, 0.2, 0.3, 0.3), true);
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
            List.of(pusher));
    assertThat(Clearance.of(shallow))
        .extracting(Clearance::kind)
        .containsExactly(Clearance.Kind.PUSHER_IN_THE_WAY);
  }
}
