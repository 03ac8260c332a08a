package roadbreeze.core.shroud;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.rig.FanTips;
import roadbreeze.core.shroud.ShroudFit.Fault;

class ShroudFitTest {
  private static final double DIAMETER = 0.450;

  private static FanRoom room(FanTips tips, double blade, double in, double belt) {
    return new FanRoom(
        Optional.of(tips),
        OptionalDouble.of(blade),
        OptionalDouble.of(in),
        OptionalDouble.of(0.020),
        OptionalDouble.of(0.030),
        OptionalDouble.of(0.060),
        OptionalDouble.of(belt),
        FanRoom.Motion.ON_ENGINE);
  }

  private static ShroudFit fit(FanRoom room, double toCore) {
    return new ShroudFit(DIAMETER, room, toCore, FanSeat.AS_IT_WAS);
  }

  private static final FanTips EVEN = new FanTips(0.012, 0.012, 0.012, 0.012);

  @Test
  void aRingOfEvenGapsIsACircle() {
    TipRing ring = TipRing.of(DIAMETER, EVEN);
    for (int degrees = 0; degrees < 360; degrees += 7) {
      assertThat(ring.gap(Math.toRadians(degrees))).isCloseTo(0.012, within(1e-12));
    }
    // (237² − 225²) / 450
    assertThat(ring.mean()).isCloseTo(0.01232, within(1e-9));
    assertThat(fit(room(EVEN, 0.060, 0.036, 0.03), 0.030).faults()).isEmpty();
  }

  /** Whatever was measured at the four places is found there, and between them lies the ellipse. */
  @Test
  void theRingGoesThroughWhatWasMeasured() {
    Random random = new Random(4);
    for (int i = 0; i < 500; i++) {
      double left = 0.030 * random.nextDouble();
      double right = 0.030 * random.nextDouble();
      double both = 0.002 + 0.028 * random.nextDouble();
      TipRing across = TipRing.of(DIAMETER, new FanTips(both, right, both, left));
      assertThat(across.gap(0)).isCloseTo(right, within(1e-12));
      assertThat(across.gap(Math.PI)).isCloseTo(left, within(1e-12));
      double angle = 2 * Math.PI * random.nextDouble();
      double out = DIAMETER / 2 + across.gap(angle);
      double x = (across.right() + out * Math.cos(angle)) / across.halfWidth();
      double y = (across.up() + out * Math.sin(angle)) / across.halfHeight();
      assertThat(x * x + y * y).isCloseTo(1, within(1e-9));
    }
  }

  /** 6 mm on the right is enough at rest; the engine rolls 8 mm. */
  @Test
  void aFanThatStandsAsideStrikesWhenTheEngineRollsAndIsCentred() {
    ShroudFit aside = fit(room(new FanTips(0.012, 0.006, 0.012, 0.018), 0.060, 0.036, 0.03), 0.030);
    assertThat(aside.ring().orElseThrow().least()).isCloseTo(0.006, within(1e-9));
    assertThat(aside.leastRolled().orElseThrow()).isCloseTo(-0.002, within(1e-9));
    assertThat(aside.faults()).extracting(f -> f.code()).containsExactly(Fault.TIPS_STRIKE);
    FanSeat mend = aside.mend().orElseThrow();
    assertThat(mend).isEqualTo(new FanSeat(0, 0, (0.018 - 0.006) / 2, 0));
    ShroudFit centred = new ShroudFit(DIAMETER, aside.room(), 0.030, mend);
    assertThat(centred.leastRolled().orElseThrow()).isCloseTo(0.004, within(1e-9));
    assertThat(centred.faults()).isEmpty();
  }

  @Test
  void aFanTooFarOutHasItsShroudShimmedOrIsSpacedForwardWhereABeltIsNearToo() {
    ShroudFit out = fit(room(EVEN, 0.060, 0.020, 0.03), 0.040);
    assertThat(out.in().orElseThrow()).isCloseTo(1.0 / 3, within(1e-12));
    assertThat(out.faults()).extracting(f -> f.code()).containsExactly(Fault.TOO_FAR_OUT);
    // Nothing that turns is changed where shims under a shroud do it.
    assertThat(out.mend()).contains(new FanSeat(0, 0.010, 0, 0));
    // A belt that is too near behind it as well: a spacer mends both, if the core leaves room.
    assertThat(fit(room(EVEN, 0.060, 0.020, 0.006), 0.040).mend())
        .contains(new FanSeat(0.010, 0, 0, 0));
    // 25 mm are wanted before the core, and only 3 to spare: shims still mend the depth.
    assertThat(fit(room(EVEN, 0.060, 0.020, 0.006), 0.028).mend())
        .contains(new FanSeat(0, 0.010, 0, 0));
  }

  @Test
  void whatNoSpacerMendsIsSaidAndWhatNobodyMeasuredIsNot() {
    ShroudFit near = fit(room(EVEN, 0.060, 0.050, 0.03), 0.020);
    assertThat(near.faults())
        .extracting(f -> f.code())
        .containsExactly(Fault.BLADES_NEAR_CORE, Fault.TOO_FAR_IN);
    assertThat(near.mend()).isEmpty();
    FanRoom nothing =
        new FanRoom(
            Optional.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            FanRoom.Motion.ON_PACK);
    assertThat(fit(nothing, 0.016).faults()).isEmpty();
    assertThat(fit(nothing, 0.014).faults())
        .extracting(f -> f.code())
        .containsExactly(Fault.BLADES_NEAR_CORE);
  }
}
