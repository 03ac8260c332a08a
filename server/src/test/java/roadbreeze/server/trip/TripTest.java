package roadbreeze.server.trip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.Jobs;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.haul.DriverChange;
import roadbreeze.server.haul.Journey;
import roadbreeze.server.haul.Road;
import roadbreeze.server.haul.RoadPoint;
import roadbreeze.server.haul.RoadStop;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.RefusedRequestException;

class TripTest {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();
  private static final Journey.StartWarmth WARM = new Journey.StartWarmth(95, 75, 80);

  private static Journey journey(RoadPoint... points) {
    return new Journey("Road", List.of(points), 38, 38, 15, WARM, List.of());
  }

  private static JobContent on(JobContent job, Journey journey) {
    return job.on(job.haul().on(journey));
  }

  private static TripResult of(JobContent job, String build) {
    return TripResult.of(job, job.build(build));
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
    BuildRequest example = DemoWorld.checkHaul();
    TripResult climb = TripResult.of(example.job(), example.chosen());
    TripResult.TripTrace trace = climb.trace();
    double[][] wanted = {{60, 105.15, 82.57}, {300, 106.98, 86.22}, {670, 107.47, 87.25}};
    for (double[] row : wanted) {
      double time = Math.min(row[0], trace.timeS().get(trace.timeS().size() - 1));
      // Within the check's own width and the three seconds to the next moment.
      assertThat(at(trace.timeS(), trace.coolantC(), time)).isCloseTo(row[1], within(0.6));
      assertThat(at(trace.timeS(), trace.panC(), time)).isCloseTo(row[2], within(0.6));
    }
    assertThat(climb.coolant().peakC()).isCloseTo(107.47, within(0.3));
    assertThat(climb.switched()).hasSize(1);
    assertThat(climb.switched().get(0).timeS()).isCloseTo(32.5, within(3.0));
    assertThat(trace.timeS()).isSorted().hasSameSizeAs(trace.feedC());
  }

  @Test
  void everyRoadOfTheYardIsDrivenByEveryRig() {
    for (JobContent job : DemoWorld.jobs()) {
      for (Road road : Road.all()) {
        JobContent there = job.on(road.haul());
        assertThat(VALIDATOR.validate(there)).isEmpty();
        for (TripResult trip : TripResult.all(there)) {
          assertThat(trip.problem()).as("%s", road.haul().road()).isNull();
          assertThat(trip.coolant().peakC()).isBetween(20.0, 200.0);
          assertThat(trip.totals().fuelL()).isBetween(0.5, 60.0);
        }
      }
    }
  }

  @Test
  void theWorstMomentHasItsBandAndRestoredBeatsFound() {
    List<TripBand> bands = TripBand.all(Jobs.HIVE);
    List<TripResult> trips = TripResult.all(Jobs.HIVE);
    for (int i = 0; i < bands.size(); i++) {
      assertThat(bands.get(i).coolant().peakC())
          .isCloseTo(trips.get(i).coolant().peakC(), within(1e-6));
      assertThat(bands.get(i).coolant().bandK()).isBetween(2.0, 30.0);
    }
    assertThat(trips.get(1).coolant().headroomK())
        .isGreaterThan(trips.get(0).coolant().headroomK());
    assertThat(bands.get(0).standing()).isEqualTo(Standing.OVER);
  }

  @Test
  void aRoadThatTurnsBackOrIsAWallIsSaidAtItsPoint() {
    JobContent back =
        on(Jobs.HIVE, journey(RoadPoint.of("a", 0, 600, 60), RoadPoint.of("b", 0, 700, 60)));
    assertThat(paths(back)).containsExactly("haul.journey.points[1].distanceKm");
    JobContent wall =
        on(Jobs.HIVE, journey(RoadPoint.of("a", 0, 600, 60), RoadPoint.of("b", 1, 1400, 60)));
    assertThat(paths(wall)).containsExactly("haul.journey.points[1].elevationM");
  }

  @ParameterizedTest
  @ValueSource(doubles = {-1, 1441})
  void aStopOfMoreThanADayIsNone(double minutes) {
    RoadStop stop = new RoadStop(minutes, RoadStop.EngineAtRest.IDLE, false);
    RoadPoint here = RoadPoint.of("a", 0, 600, 60);
    RoadPoint rests =
        new RoadPoint("a", 0, 600, 0, here.surface(), here.headwindKmh(), null, here.place(), stop);
    assertThat(paths(on(Jobs.HIVE, journey(rests, RoadPoint.of("b", 1, 600, 60)))))
        .containsExactlyInAnyOrder(
            "haul.journey.points[0].stop.minutes", "haul.journey.points[0].speedKmh");
  }

  private static Set<String> paths(JobContent job) {
    return VALIDATOR.validate(job).stream()
        .map(ConstraintViolation::getPropertyPath)
        .map(Object::toString)
        .collect(Collectors.toSet());
  }

  @Test
  void aRoadThatTakesTooLongOrIsNoneIsRefused() {
    JobContent far =
        on(Jobs.HIVE, journey(RoadPoint.of("a", 0, 600, 10), RoadPoint.of("b", 400, 600, 10)));
    assertThatThrownBy(() -> of(far, Jobs.RESTORED)).hasMessageContaining("refusal.roadTooLong");
    assertThatThrownBy(() -> on(Jobs.HIVE, null).haul().driven(null, null))
        .isInstanceOf(RefusedRequestException.class)
        .hasMessageContaining("refusal.noRoad");
  }

  @Test
  void aStopIsStoodThroughAndTheDriverCanAct() {
    RoadPoint top = RoadPoint.of("b", 3, 765, 75);
    RoadPoint rests =
        new RoadPoint(
            "b",
            3,
            765,
            75,
            top.surface(),
            0,
            null,
            "",
            new RoadStop(5, RoadStop.EngineAtRest.FAST_IDLE, false));
    Journey road = journey(RoadPoint.of("a", 0, 600, 75), rests, RoadPoint.of("c", 9, 1000, 75));
    TripResult trip = of(on(Jobs.HIVE, road), Jobs.PLAN);
    assertThat(trip.trace().gear()).contains(0);
    assertThat(trip.totals().timeS()).isBetween(3600 * 9.0 / 75 + 299, 3600 * 9.0 / 75 + 400);
    Journey slower =
        new Journey(
            "Road",
            road.points(),
            38,
            38,
            15,
            WARM,
            List.of(new DriverChange("d", 0.5, false, 3, 50.0, true)));
    TripResult careful = of(on(Jobs.HIVE, slower), Jobs.PLAN);
    assertThat(careful.coolant().peakC()).isLessThan(trip.coolant().peakC());
    assertThat(careful.totals().timeS()).isGreaterThan(trip.totals().timeS() + 60);
    assertThat(careful.totals().airConditioningFuelL())
        .isLessThan(trip.totals().airConditioningFuelL());
  }
}
