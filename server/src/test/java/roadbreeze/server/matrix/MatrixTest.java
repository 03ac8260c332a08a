package roadbreeze.server.matrix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import roadbreeze.core.sizing.Standing;
import roadbreeze.server.Jobs;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.trip.TripBand;
import tools.jackson.databind.json.JsonMapper;

class MatrixTest {
  private static final List<JobContent> YARD =
      List.of(Jobs.HIVE, Jobs.TILT_TRAY, Jobs.BUCKET, Jobs.PLOUGH);

  private static MatrixAsk.Truck truck(JobContent job) {
    String last = job.builds().get(job.builds().size() - 1).id();
    return new MatrixAsk.Truck(UUID.randomUUID(), job.about().name(), last, job);
  }

  private static final MatrixAsk ASK =
      new MatrixAsk(null, YARD.stream().map(MatrixTest::truck).toList());

  private static List<MatrixCell> all() {
    JsonMapper json = JsonMapper.builder().build();
    MatrixWork work = new MatrixWork(json);
    List<MatrixCell> cells = new ArrayList<>();
    for (int part = 0; part < work.parts(); part++) {
      String done = work.work(json.writeValueAsString(ASK), part, (tried, share) -> false);
      cells.addAll(List.of(json.readValue(done, MatrixCell[].class)));
    }
    return cells;
  }

  private static MatrixCell.At at(
      MatrixAsk.Truck truck, Road road, double hottest, Double departure) {
    return MatrixCell.Pushed.of(truck, road).orElseThrow().at(hottest, departure);
  }

  @Test
  void everyPairIsDrivenAndAHotterDayIsNeverKinder() {
    List<MatrixCell> cells = all();
    assertThat(cells).hasSize(YARD.size() * Road.all().size());
    assertThat(cells.stream().map(c -> c.truck() * 10 + c.road()).distinct()).hasSize(16);
    for (MatrixCell cell : cells) {
      assertThat(cell.heats()).hasSize(MatrixAsk.HEATS.size());
      for (int i = 1; i < cell.heats().size(); i++) {
        Double cooler = cell.heats().get(i - 1).sureK();
        Double hotter = cell.heats().get(i).sureK();
        if (cooler != null && hotter != null) {
          // A gear that is dropped, or a fan that is called earlier, on a hotter day can help.
          assertThat(hotter).isLessThan(cooler + 6);
        }
      }
      assertThat(cell.heats().get(8).sureK()).isLessThan(cell.heats().get(1).sureK());
    }
  }

  /** What colder days tell of a hotter one spares drives and changes no answer. */
  @Test
  void aDayOfTheSweepIsThatDayByItself() {
    for (int truck = 0; truck < YARD.size(); truck++) {
      for (int road = truck % 2; road < Road.all().size(); road += 2) {
        MatrixCell.Pushed pushed =
            MatrixCell.Pushed.of(ASK.trucks().get(truck), Road.all().get(road)).orElseThrow();
        assertThat(MatrixCell.of(ASK, truck, road).heats())
            .as("truck %d on road %d", truck, road)
            .containsExactlyElementsOf(
                MatrixAsk.HEATS.stream().map(hottest -> pushed.at(hottest, null)).toList());
      }
    }
  }

  @Test
  void aCellIsWhatTheStripOfTheJobSays() {
    Road tallow = Road.all().get(0);
    MatrixAsk.Truck hive = ASK.trucks().get(0);
    double hottest = 38;
    MatrixCell.At at = at(hive, tallow, hottest, null);
    TripBand strip = TripBand.of(hive.content(), hive.chosen());
    assertThat(at.sureK())
        .isCloseTo(strip.coolant().limitC() - strip.coolant().nineInTenC(), within(2.5));
    assertThat(at.standing()).isEqualTo(strip.standing());
  }

  @Test
  void atNightItHoldsWhereAtNoonItDoesNot() {
    Road tallow = Road.all().get(0);
    MatrixAsk.Truck hive = ASK.trucks().get(0);
    MatrixCell.At noon = at(hive, tallow, 41, 14.0);
    MatrixCell.At night = at(hive, tallow, 41, 3.0);
    assertThat(night.sureK()).isGreaterThan(noon.sureK() + 3);
    assertThat(noon.standing()).isNotEqualTo(Standing.HOLDS);
  }

  @Test
  void anotherTrailerIsAnotherLoad() {
    JobContent pulling = Jobs.PLOUGH.pulling(Jobs.BUCKET.rig().trailer());
    assertThat(pulling.setup(pulling.found()).truck().load().trailerMass())
        .isEqualTo(Jobs.BUCKET.setup(Jobs.BUCKET.found()).truck().load().trailerMass());
    assertThat(pulling.rig().vehicle()).isEqualTo(Jobs.PLOUGH.rig().vehicle());
  }
}
