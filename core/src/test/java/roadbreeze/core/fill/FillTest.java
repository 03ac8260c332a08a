package roadbreeze.core.fill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.fluid.Coolant;
import roadbreeze.core.problem.BadInputException;

class FillTest {
  private static final double LITRE = 1e-3;

  @Test
  void whatStayedInTheEngineCounts() {
    CoolantMix mix = new CoolantMix(11.4 * LITRE, 7 * LITRE, 0.33, 0.5);
    assertThat(mix.share()).isCloseTo(0.607, within(5e-4));
    assertThat(mix.concentrate()).isCloseTo(4.25 * LITRE, within(5e-6));
    assertThat(mix.possible()).isTrue();
  }

  @Test
  void filledWithThatAllOfItComesToTheShareWanted() {
    Random random = new Random(5);
    for (int i = 0; i < 500; i++) {
      double all = 2 + 40 * random.nextDouble();
      double drained = all * (0.05 + 0.95 * random.nextDouble());
      double found = 0.6 * random.nextDouble();
      double wanted = 0.3 + 0.3 * random.nextDouble();
      CoolantMix mix = new CoolantMix(all, drained, found, wanted);
      if (mix.possible()) {
        double inAll = (found * (all - drained) + mix.concentrate()) / all;
        assertThat(inAll).isCloseTo(wanted, within(1e-12));
        assertThat(mix.concentrate() + mix.water()).isCloseTo(drained, within(1e-12));
        assertThat(drained).isGreaterThanOrEqualTo(mix.leastDrained() - 1e-9);
      } else {
        // As much as is said to be the least, and it can be mixed after all.
        assertThat(drained).isLessThan(mix.leastDrained());
        CoolantMix more = new CoolantMix(all, mix.leastDrained(), found, wanted);
        assertThat(more.share()).isBetween(-1e-9, 1 + 1e-9);
      }
    }
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> new CoolantMix(0.01, 0.011, 0.3, 0.5))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new CoolantMix(0.01, 0, 0.3, 0.5))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new CoolantMix(0.01, 0.005, 1.2, 0.5))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new OilRenewal(0.01, 0.02)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> new OilRenewal(Double.NaN, 0.02))
        .isInstanceOf(BadInputException.class);
  }

  @ParameterizedTest
  @CsvSource({"1, 23", "2, 40", "3, 54"})
  void drainedAndFilledAgainItIsRenewedInPart(int times, double percent) {
    OilRenewal oil = new OilRenewal(11 * LITRE, 2.5 * LITRE);
    assertThat(100 * oil.renewed(times)).isCloseTo(percent, within(0.5));
    assertThat(oil.takes(times)).isEqualTo(times * 2.5 * LITRE);
    assertThat(oil.renewed(0)).isZero();
  }

  @ParameterizedTest
  @CsvSource({"-30", "-20", "-37", "-10", "5"})
  void theMixFreezesFiveKelvinBelowTheColdestMorning(double coldest) {
    double share = CoolantMix.against(coldest);
    assertThat(Coolant.freezingPoint(share))
        .isLessThanOrEqualTo(coldest - CoolantMix.IN_HAND + 1e-6);
    if (share > Coolant.GLYCOL_FRACTION.low()) {
      assertThat(Coolant.freezingPoint(share)).isCloseTo(coldest - 5, within(1e-6));
    }
  }

  @ParameterizedTest
  @EnumSource(FillWay.class)
  void everyWayFillsWarnsAndLooksAgain(FillWay way) {
    assertThat(way.fill(0.007, 0.6, 500))
        .anyMatch(s -> s.says().code() == FillSays.POUR || s.says().code() == FillSays.LET_IN);
    assertThat(way.bleed(88))
        .anyMatch(s -> s.says().code() == FillSays.STAND_CLEAR)
        .anyMatch(s -> s.says().code() == FillSays.OUTDOORS)
        .last()
        .matches(s -> s.says().code() == FillSays.LOOK_COLD);
    assertThat(FillWay.check(110_000)).anyMatch(s -> s.hold() == 10);
  }
}
