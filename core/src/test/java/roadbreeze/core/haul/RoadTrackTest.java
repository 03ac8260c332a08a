package roadbreeze.core.haul;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import roadbreeze.core.haul.RoadTrack.Sample;
import roadbreeze.core.problem.BadInputException;

/** Recorded roads with known hills, noise, spikes, gaps and missing heights. */
class RoadTrackTest {
  /** Level, 8 km at 6 %, a dip, and a short ramp of 9 % over 300 m. */
  private static double hill(double x) {
    double climb = 0.06 * Math.max(0, Math.min(8000, x - 2000));
    double dip = x > 12_000 && x < 13_000 ? -20 * Math.sin(Math.PI * (x - 12_000) / 1000) : 0;
    double ramp = 0.09 * Math.max(0, Math.min(300, x - 15_000));
    return 600 + climb + dip + ramp;
  }

  private static List<Sample> every(double step, DoubleUnaryOperator height) {
    List<Sample> samples = new ArrayList<>();
    for (double x = 0; x <= 18_000; x += step) {
      samples.add(new Sample(x, height.applyAsDouble(x)));
    }
    return samples;
  }

  private static double at(List<Sample> road, double x) {
    for (int i = 1; i < road.size(); i++) {
      if (road.get(i).distance() >= x) {
        Sample a = road.get(i - 1);
        Sample b = road.get(i);
        double share = (x - a.distance()) / (b.distance() - a.distance());
        return a.elevation() + share * (b.elevation() - a.elevation());
      }
    }
    return road.get(road.size() - 1).elevation();
  }

  @Test
  void noiseGoesAndEveryClimbStays() {
    Random random = new Random(5);
    RoadTrack track = RoadTrack.of(every(10, x -> hill(x) + 1.5 * random.nextGaussian()), 120);
    assertThat(track.points()).hasSizeLessThanOrEqualTo(120);
    for (double x = 0; x < 18_000; x += 50) {
      assertThat(at(track.points(), x)).as("at %s", x).isCloseTo(hill(x), within(4.0));
    }
    double climbed = hill(10_000) - 600 + 20 + 27;
    assertThat(RoadTrack.ascent(track.raw())).isGreaterThan(2 * climbed);
    assertThat(RoadTrack.ascent(track.points())).isCloseTo(climbed, within(0.08 * climbed));
    // The ramp is still a ramp.
    double grade = (at(track.points(), 15_250) - at(track.points(), 15_050)) / 200;
    assertThat(grade).isBetween(0.07, 0.10);
  }

  @Test
  void spikesAndMissingHeightsAreSeenAndCounted() {
    List<Sample> samples = every(25, RoadTrackTest::hill);
    samples.set(100, new Sample(samples.get(100).distance(), 4000));
    samples.set(101, new Sample(samples.get(101).distance(), 0));
    for (int i = 300; i < 320; i++) {
      samples.set(i, new Sample(samples.get(i).distance(), Double.NaN));
    }
    RoadTrack track = RoadTrack.of(samples, 100);
    assertThat(track.spikes()).isEqualTo(2);
    assertThat(track.filled()).isEqualTo(20);
    for (double x = 0; x < 18_000; x += 50) {
      assertThat(at(track.points(), x)).isCloseTo(hill(x), within(4.0));
    }
  }

  @Test
  void aRoadRecordedBackwardsIsTurnedAndGapsAreCounted() {
    List<Sample> samples = every(25, RoadTrackTest::hill);
    samples.removeIf(s -> s.distance() > 5000 && s.distance() < 6500);
    Collections.reverse(samples);
    RoadTrack track = RoadTrack.of(samples, 100);
    assertThat(track.turned()).isTrue();
    assertThat(track.gaps()).isEqualTo(1);
    assertThat(track.points().get(0).distance()).isZero();
    assertThat(at(track.points(), 5700)).isCloseTo(hill(5700), within(2.0));
  }

  @Test
  void aHundredThousandSamplesBecomeARoad() {
    Random random = new Random(9);
    List<Sample> samples = new ArrayList<>();
    for (int i = 0; i < 100_000; i++) {
      samples.add(new Sample(i * 0.7, hill(i * 0.7 % 18_000) / 4 + random.nextGaussian()));
    }
    assertThat(RoadTrack.of(samples, 150).points()).hasSizeBetween(10, 150);
  }

  @Test
  void whatIsNoRoadIsRefused() {
    assertThatThrownBy(() -> RoadTrack.of(List.of(new Sample(0, 1)), 10))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("noRoadInFile");
    assertThatThrownBy(() -> RoadTrack.of(every(100, x -> Double.NaN), 10))
        .isInstanceOf(BadInputException.class)
        .hasMessageContaining("noHeights");
  }
}
