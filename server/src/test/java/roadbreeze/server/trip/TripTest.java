package roadbreeze.server.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.server.Jobs;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.RefusedRequestException;

class TripTest {
  private static TripRequest on(JobContent job, String build, TripPoint... road) {
    return new TripRequest(job, build, List.of(road), new TripRequest.TripStart(95, 75, 80), null);
  }

  private static double at(List<Double> times, List<Double> values, double time) {
    int i = 0;
    while (times.get(i) < time) {
      i++;
    }
    return values.get(i);
  }

  @Test
  void theExampleOfTheDocumentGivesThePublishedCheck() {
    TripResult climb = TripResult.of(TripRequest.checkCase());
    double[][] wanted = {{60, 105.15, 82.57}, {300, 106.98, 86.22}, {670, 107.47, 87.25}};
    for (double[] row : wanted) {
      double time = Math.min(row[0], climb.timeS().get(climb.timeS().size() - 1));
      // Within the check's own width and the two seconds to the next moment.
      assertThat(at(climb.timeS(), climb.coolantC(), time)).isCloseTo(row[1], within(0.6));
      assertThat(at(climb.timeS(), climb.panC(), time)).isCloseTo(row[2], within(0.6));
    }
    assertThat(climb.coolant().peakC()).isCloseTo(107.47, within(0.3));
    assertThat(climb.switched()).hasSize(1);
    assertThat(climb.switched().get(0).timeS()).isCloseTo(32.5, within(3.0));
    assertThat(climb.timeS()).isSorted().hasSameSizeAs(climb.feedC());
  }

  @Test
  void aLongClimbEndsWhereItWouldSettle() {
    double settled =
        Verdict.of(Jobs.TILT_TRAY, Jobs.TILT_TRAY.build(Jobs.RESTORED)).coolant().peakC();
    double grade = Jobs.TILT_TRAY.haul().gradePercent();
    double speed = Jobs.TILT_TRAY.haul().speedKmh();
    double height = Jobs.TILT_TRAY.haul().altitudeM();
    TripResult climb =
        TripResult.of(
            on(
                Jobs.TILT_TRAY,
                Jobs.RESTORED,
                new TripPoint(0, height, speed, grade, null),
                new TripPoint(80_000, height, speed, null, null)));
    List<Double> coolant = climb.coolantC();
    assertThat(coolant.get(coolant.size() - 1)).isCloseTo(settled, within(0.1));
  }

  @Test
  void aRoadThatTurnsBackOrNeverEndsIsRefused() {
    TripPoint start = new TripPoint(0, 600, 60, null, null);
    assertThatThrownBy(
            () -> on(Jobs.HIVE, Jobs.RESTORED, start, new TripPoint(0, 700, 60, null, null)).trip())
        .isInstanceOf(RefusedRequestException.class)
        .hasMessageContaining("fault.roadTurnsBack");
    TripPoint far = new TripPoint(400_000, 700, 60, null, null);
    assertThatThrownBy(() -> on(Jobs.HIVE, Jobs.RESTORED, start, far).trip())
        .hasMessageContaining("fault.roadTooLong");
  }

  @Test
  void aStopIsStoodThrough() {
    TripPoint.Stop rest = new TripPoint.Stop(5, false, false);
    TripResult trip =
        TripResult.of(
            on(
                Jobs.HIVE,
                Jobs.PLAN,
                new TripPoint(0, 600, 75, null, null),
                new TripPoint(3000, 765, 75, null, rest),
                new TripPoint(4000, 765, 75, null, null)));
    assertThat(trip.gear()).contains(0);
    double last = trip.timeS().get(trip.timeS().size() - 1);
    assertThat(last).isCloseTo(3600 * 4.0 / 75 + 300, within(2.0));
    assertThat(trip.distanceM().get(trip.distanceM().size() - 1)).isCloseTo(4000, within(1.0));
  }
}
