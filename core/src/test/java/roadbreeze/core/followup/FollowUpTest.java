package roadbreeze.core.followup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import roadbreeze.core.log.Channel;
import roadbreeze.core.roadlog.Recording;

/** What a truck has done, and when what is due by it comes due. */
class FollowUpTest {
  private static final int HOUR = 3600;

  private static Recording log(int seconds, Channel channel, DoubleUnaryOperator value) {
    Recording.Builder log = new Recording.Builder(0, seconds);
    for (int t = 0; t < seconds; t++) {
      log.add(channel, t + 0.5, value.applyAsDouble(t));
    }
    return log.build();
  }

  @Test
  void oilAgesTwiceAsFastForEachElevenKelvin() {
    for (double[] c : new double[][] {{80, 1}, {91, 2}, {102, 4}, {69, 0.5}}) {
      DriveUse use = DriveUse.of(log(HOUR, Channel.PAN, t -> c[0]));
      assertThat(use.oilLife().orElseThrow()).isCloseTo(c[1], within(1e-9));
      assertThat(use.distance()).isEmpty();
      assertThat(use.heatCycles()).isEmpty();
    }
    // What lies in a gap is nobody's.
    Recording hole = log(HOUR, Channel.PAN, t -> t >= 600 && t < 1200 ? Double.NaN : 80);
    assertThat(DriveUse.of(hole).oilLife().orElseThrow()).isCloseTo(5 / 6.0, within(1e-9));
    Recording drive = log(HOUR, Channel.SPEED, t -> 20);
    assertThat(DriveUse.of(drive).distance().orElseThrow()).isCloseTo(72_000, within(1e-6));
  }

  @Test
  void aHeatCycleBeginsColdAndAWarmStopIsNone() {
    Recording day =
        log(
            4 * HOUR,
            Channel.COOLANT,
            t -> {
              double warm = 20 + 70 * Math.min(1, (t % (2 * HOUR)) / 900.0);
              return t > HOUR && t < 1.2 * HOUR ? 60 : warm; // a short stop
            });
    assertThat(DriveUse.of(day).heatCycles()).contains(2.0);
    // A log that begins warm says nothing of how it became so.
    assertThat(DriveUse.of(log(HOUR, Channel.COOLANT, t -> 85)).heatCycles()).contains(0.0);
  }

  @Test
  void anOdometerKnowsBetterThanHabit() {
    Odometer none = new Odometer(List.of());
    assertThat(none.between(100, 110, 40_000)).isEqualTo(400_000);
    Odometer two =
        new Odometer(
            List.of(new Odometer.Reading(130, 2_200_000), new Odometer.Reading(100, 1_000_000)));
    assertThat(two.perDay(1)).isEqualTo(40_000);
    assertThat(two.between(110, 120, 1)).isCloseTo(400_000, within(1e-6));
    assertThat(two.between(90, 140, 1)).isCloseTo(2_000_000, within(1e-6));
    // Readings of one week do not tell how fast it goes on.
    Odometer near =
        new Odometer(List.of(new Odometer.Reading(100, 0), new Odometer.Reading(104, 900_000)));
    assertThat(near.perDay(30_000)).isEqualTo(30_000);
    assertThat(near.between(100, 114, 30_000)).isCloseTo(1_200_000, within(1e-6));
  }

  @Test
  void whatWasRecordedCountsAsItWasAndTheRestAsUsual() {
    Habit habit = new Habit(100_000, 1, 0.1, 50_000, 8);
    Use day = habit.perDay();
    // 0.1 × 8 h hauling, and 95 km at 50 km/h.
    assertThat(day.oilLife()).isCloseTo(0.8 + 1.9, within(1e-9));
    Use hot = new Use(0, 300_000, 2, 60, 6);
    Use all = habit.expected(10, 1_000_000, hot);
    assertThat(all.oilLife()).isCloseTo(60 + 0.7 * 27, within(1e-9));
    assertThat(all.heatCycles()).isEqualTo(10);
    assertThat(all.hauls()).isEqualTo(6);
    // More was recorded than anybody expects.
    assertThat(habit.expected(1, 100_000, hot).distance()).isEqualTo(300_000);
  }

  @Test
  void theFirstOfSeveralMakesItDue() {
    List<Due.Interval> by =
        List.of(new Due.Interval(Measure.DAYS, 30), new Due.Interval(Measure.DISTANCE, 1_000_000));
    Due far = Due.of(by, new Use(10, 400_000, 0, 0, 0), new Use(1, 100_000, 0, 0, 0));
    assertThat(far.first()).isEqualTo(Measure.DISTANCE);
    assertThat(far.days()).isCloseTo(6, within(1e-9));
    Due still = Due.of(by, new Use(10, 400_000, 0, 0, 0), new Use(1, 0, 0, 0, 0));
    assertThat(still.first()).isEqualTo(Measure.DAYS);
    assertThat(still.shares().get(1).days()).isInfinite();
    Due late = Due.of(by, new Use(10, 1_200_000, 0, 0, 0), new Use(1, 100_000, 0, 0, 0));
    assertThat(late.days()).isCloseTo(-2, within(1e-9));
  }

  @Test
  void moreUseIsNeverDueLater() {
    Random random = new Random(12);
    for (int i = 0; i < 300; i++) {
      List<Due.Interval> by =
          List.of(new Due.Interval(Measure.OIL_LIFE, 100 + random.nextInt(900)));
      Use used = new Use(5, 0, 0, random.nextInt(500), 0);
      Use perDay = new Use(1, 0, 0, 0.1 + random.nextDouble(), 0);
      double days = Due.of(by, used, perDay).days();
      assertThat(Due.of(by, used.plus(new Use(0, 0, 0, 10, 0)), perDay).days()).isLessThan(days);
      // Driven on as usual, it comes a day nearer with each day.
      assertThat(Due.of(by, used.plus(perDay), perDay).days()).isCloseTo(days - 1, within(1e-6));
    }
  }
}
