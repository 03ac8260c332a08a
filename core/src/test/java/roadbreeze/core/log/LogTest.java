package roadbreeze.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roadbreeze.core.log.LogMark.What;

class LogTest {
  private static final List<Channel> COLUMNS =
      List.of(Channel.SPEED, Channel.COOLANT, Channel.PAN, Channel.OTHER);

  /** Speeds of a drive that starts, stops and hurries, m/s by the second. */
  private static double[] drive(Random random, int seconds) {
    double[] speeds = new double[seconds];
    double wanted = 15;
    for (int i = 1; i < seconds; i++) {
      wanted = i % 90 == 0 ? random.nextDouble() * 25 : wanted;
      speeds[i] =
          Math.max(
              0, speeds[i - 1] + 0.06 * (wanted - speeds[i - 1]) + 0.1 * random.nextGaussian());
    }
    return speeds;
  }

  private static double[] row(double speed, int i, Random random) {
    double coolant = 85 + 15 * Math.sin(i / 400.0) + 0.05 * random.nextGaussian();
    return new double[] {speed, coolant, 70 + i * 0.01, random.nextGaussian() * 1e6};
  }

  @Test
  void whatIsPlantedIsMarkedAndNothingElse() {
    Random random = new Random(12);
    double[] speeds = drive(random, 4000);
    LogWatch watch = new LogWatch(COLUMNS);
    for (int i = 0; i < 4000; i++) {
      double[] row = row(speeds[i] + 4, i, random);
      row[1] = i == 500 ? 140 : row[1];
      row[2] = i >= 1500 && i < 3200 ? 88 : row[2];
      row[1] = i == 3500 ? -273 : row[1];
      row[3] = i % 7 == 0 ? Double.NaN : row[3];
      if (i < 1000 || i >= 1060) {
        watch.row(i, row);
      }
    }
    List<LogMark> marks = watch.marks();
    assertThat(marks).contains(new LogMark(What.SPIKE, 1, 500, 500));
    assertThat(marks).contains(new LogMark(What.GAP, -1, 999, 1060));
    assertThat(marks).contains(new LogMark(What.STUCK, 2, 1500, 3199));
    assertThat(marks).contains(new LogMark(What.IMPOSSIBLE, 1, 3500, 3500));
    // The impossible one is a spike as well.
    assertThat(watch.counts()).containsOnlyKeys(What.values()).containsEntry(What.SPIKE, 2);
  }

  @Test
  void aSoundDriveHasNoMarks() {
    for (int seed = 0; seed < 40; seed++) {
      Random random = new Random(seed);
      double[] speeds = drive(random, 3000);
      LogWatch watch = new LogWatch(COLUMNS);
      double time = 0;
      for (int i = 0; i < 3000; i++) {
        time += 0.9 + 0.2 * random.nextDouble();
        watch.row(time, row(speeds[i], i, random));
      }
      assertThat(watch.marks()).as("seed " + seed).isEmpty();
    }
  }

  @Test
  void whatIsImpossibleRowAfterRowIsOneMark() {
    LogWatch watch = new LogWatch(List.of(Channel.FAN));
    for (int i = 0; i < 50; i++) {
      watch.row(i, new double[] {i >= 10 && i < 20 || i == 30 ? 60 : 0});
    }
    assertThat(watch.marks())
        .containsExactly(
            new LogMark(What.IMPOSSIBLE, 0, 10, 19), new LogMark(What.IMPOSSIBLE, 0, 30, 30));
    assertThat(watch.counts()).containsEntry(What.IMPOSSIBLE, 11);
  }

  /** However long a bad log is, no more is kept than a screen can show. */
  @Test
  void countsGoOnWhereMarksEnd() {
    LogWatch watch = new LogWatch(List.of(Channel.COOLANT));
    for (int i = 0; i < 5000; i++) {
      watch.row(i, new double[] {i % 2 == 0 ? 90 : 150});
    }
    assertThat(watch.marks()).hasSize(LogWatch.MOST);
    assertThat(watch.counts().get(What.SPIKE)).isGreaterThan(4900);
  }

  @Test
  void clocksThatDifferAreLaidOverEachOther() {
    for (int seed = 0; seed < 30; seed++) {
      Random random = new Random(seed);
      double[] whole = drive(random, 3000);
      int begins = random.nextInt(1500);
      double[] second = new double[1400];
      for (int i = 0; i < second.length; i++) {
        boolean missing = random.nextInt(10) == 0;
        second[i] = missing ? Double.NaN : whole[begins + i] * 1.03 + 0.4 * random.nextGaussian();
      }
      Optional<ClockMatch> match = ClockMatch.of(whole, second);
      assertThat(match).as("seed " + seed).isPresent();
      assertThat(match.get().offset()).as("seed " + seed).isCloseTo(begins, within(0.5));
      assertThat(match.get().agreement()).isGreaterThan(0.95);
    }
  }

  @Test
  void ofTwoDrivesOrOneThatTellsNothingNoneIsMade() {
    for (int seed = 0; seed < 20; seed++) {
      double[] one = drive(new Random(seed), 2500);
      double[] other = drive(new Random(1000 + seed), 2500);
      assertThat(ClockMatch.of(one, other)).as("seed " + seed).isEmpty();
    }
    double[] steady = new double[2000];
    java.util.Arrays.fill(steady, 22);
    assertThat(ClockMatch.of(steady, steady)).isEmpty();
    assertThat(ClockMatch.of(drive(new Random(1), 100), drive(new Random(1), 100))).isEmpty();
  }

  @Test
  void aWholeDayIsLaidOverAMorning() {
    double[] day = drive(new Random(5), 60_000);
    List<Double> morning = new ArrayList<>();
    for (int i = 12_345; i < 20_000; i++) {
      morning.add(day[i]);
    }
    double[] part = morning.stream().mapToDouble(Double::doubleValue).toArray();
    assertThat(ClockMatch.of(day, part))
        .hasValueSatisfying(m -> assertThat(m.offset()).isCloseTo(12_345, within(0.5)));
  }
}
