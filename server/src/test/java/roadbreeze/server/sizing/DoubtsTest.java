package roadbreeze.server.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.Jobs;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobFile;
import roadbreeze.server.rig.Origin;
import tools.jackson.databind.json.JsonMapper;

class DoubtsTest {
  private static final Doubts DOUBTS = new Doubts(JsonMapper.builder().build());
  private static final Assessor ASSESSOR = new Assessor(DOUBTS);
  private static final JobContent NEW = JobFile.shipped("intake/medium-diesel");

  private static JobContent marked(JobContent job, Origin... origins) {
    return new JobContent(
        job.name(),
        job.complaint(),
        job.vehicle(),
        job.trailer(),
        job.haul(),
        job.obstacles(),
        List.of(origins),
        job.traverse(),
        job.builds(),
        job.linePlan(),
        job.hoses(),
        job.strips());
  }

  private static Origin assumed(String path) {
    return new Origin(path, Origin.Kind.DEFAULT);
  }

  @Test
  void everyNumberWithASpreadIsAskedForAtTheIntakeAndMovesTheJob() {
    List<Doubts.Ends> ends = DOUBTS.of(NEW);
    assertThat(ends)
        .extracting(Doubts.Ends::path)
        .containsExactlyInAnyOrderElementsOf(Doubts.SPREADS.keySet());
    for (Doubts.Ends end : ends) {
      String path = end.path().replaceFirst("^fan\\.", "builds.1.fans.0.part.");
      double now = Jobs.at(NEW, path).asDouble();
      assertThat(Jobs.at(end.high(), path).asDouble())
          .isCloseTo(now * (1 + end.spread()), within(1e-9 * now));
      assertThat(Jobs.at(end.low(), path).asDouble())
          .isCloseTo(now * (1 - end.spread()), within(1e-9 * now));
    }
  }

  @Test
  void onlyWhatIsAssumedIsDoubted() {
    JobContent one =
        marked(
            NEW,
            assumed("trailer.massKg"),
            new Origin("vehicle.massKg", Origin.Kind.MEASURED),
            assumed("vehicle.name"),
            assumed("no.such.place"));
    assertThat(DOUBTS.of(one)).extracting(Doubts.Ends::path).containsExactly("trailer.massKg");
    assertThat(DOUBTS.of(marked(NEW))).isEmpty();
  }

  @Test
  void aPartThatTheTruckLacksIsNotDoubted() {
    JobContent noTank =
        Jobs.with(
            marked(NEW, assumed("vehicle.gearbox.inTankWattsPerKelvin")),
            "vehicle.gearbox.inTankWattsPerKelvin",
            null);
    assertThat(DOUBTS.of(noTank)).isEmpty();
    JobContent noCondenser =
        Jobs.with(
            marked(NEW, assumed("vehicle.cooling.condenser.depthMm")),
            "vehicle.cooling.condenser",
            null);
    assertThat(DOUBTS.of(noCondenser)).isEmpty();
  }

  @Test
  void anEndThatNoTruckCanHaveIsLeftOut() {
    // A radiator at its least depth cannot be a fifth thinner.
    JobContent thin =
        Jobs.with(
            marked(NEW, assumed("vehicle.cooling.radiator.depthMm"), assumed("trailer.massKg")),
            "vehicle.cooling.radiator.depthMm",
            10);
    List<Uncertainty.Doubt> doubts = Doubts.doubts(DOUBTS.of(thin), 1);
    assertThat(doubts).extracting(Uncertainty.Doubt::name).contains("trailer.massKg");
  }

  @Test
  void measuringANumberNeverWidensTheBandAndTheNamedThreeNarrowItMost() {
    Assessment.BuildState all = ASSESSOR.assess(NEW).builds().get(1);
    assertThat(all.measureNext()).hasSize(3);
    String first = all.measureNext().get(0).path();
    double narrowest = Double.POSITIVE_INFINITY;
    double byFirst = Double.NaN;
    for (String path : Doubts.SPREADS.keySet()) {
      Origin[] left =
          NEW.origins().stream()
              .map(o -> o.path().equals(path) ? new Origin(path, Origin.Kind.MEASURED) : o)
              .toArray(Origin[]::new);
      Assessment.BuildState state = ASSESSOR.assess(marked(NEW, left)).builds().get(1);
      assertThat(state.coolant().bandK()).isLessThanOrEqualTo(all.coolant().bandK() + 1e-6);
      assertThat(state.pan().bandK()).isLessThanOrEqualTo(all.pan().bandK() + 1e-6);
      double both = state.coolant().bandK() + state.pan().bandK();
      narrowest = Math.min(narrowest, both);
      byFirst = path.equals(first) ? both : byFirst;
    }
    // The first named narrows the two bands together most, or within a kelvin of it.
    assertThat(byFirst).isCloseTo(narrowest, within(1.0));
  }
}
