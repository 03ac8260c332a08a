package roadbreeze.server.demo;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.validation.Validation;
import jakarta.validation.Validator;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import roadbreeze.server.Jobs;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobFile;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.Origin;
import roadbreeze.server.rig.Vehicle;

/** Jobs that ship as files are as good as jobs that people save. */
class DemoWorldTest {
  private static final Validator VALIDATOR =
      Validation.buildDefaultValidatorFactory().getValidator();

  private static Stream<String> shipped() {
    return Stream.of(
        "demo/hive-utility",
        "demo/tilt-tray",
        "demo/bucket-truck",
        "demo/plough-pickup",
        "intake/petrol-utility",
        "intake/diesel-utility",
        "intake/medium-diesel",
        "intake/plough-pickup");
  }

  @ParameterizedTest
  @MethodSource("shipped")
  void everyShippedFileWouldBeTakenAsAnImport(String name) {
    JobContent job = JobFile.shipped(name);
    assertThat(VALIDATOR.validate(new JobFile(JobFile.FORMAT, JobFile.VERSION, job))).isEmpty();
    assertThat(job.builds().get(0).kind()).isEqualTo(Build.Kind.AS_FOUND);
    assertThat(job.builds()).extracting(Build::name).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("shipped")
  void everyMarkOfOriginBelongsToANumberOfTheJob(String name) {
    JobContent job = JobFile.shipped(name);
    assertThat(job.origins()).extracting(Origin::path).doesNotHaveDuplicates();
    for (Origin origin : job.origins()) {
      String path =
          origin.path().startsWith("fan.")
              ? origin.path().replace("fan.", "builds.0.fans.0.part.")
              : origin.path();
      assertThat(Jobs.at(job, path).isNumber()).as(origin.path()).isTrue();
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"petrol-utility", "diesel-utility", "medium-diesel", "plough-pickup"})
  void anIntakeClaimsNothingMeasured(String name) {
    JobContent job = JobFile.shipped("intake/" + name);
    assertThat(job.origins()).hasSizeGreaterThan(25).allMatch(o -> o.kind() == Origin.Kind.DEFAULT);
    assertThat(job.vehicle().kind().name().toLowerCase().replace('_', '-')).isEqualTo(name);
    assertThat(job.vehicle().cooling().chargeAirCooler() != null)
        .as("only boosted engines have a charge-air cooler")
        .isEqualTo(job.vehicle().engine().boostRatio() != null);
  }

  @Test
  void theDemoYardIsTheDemoWorlds() {
    List<JobContent> jobs = DemoWorld.jobs();
    assertThat(jobs)
        .extracting(j -> j.vehicle().kind())
        .containsExactly(
            Vehicle.Kind.PETROL_UTILITY,
            Vehicle.Kind.MEDIUM_DIESEL,
            Vehicle.Kind.MEDIUM_DIESEL,
            Vehicle.Kind.PLOUGH_PICKUP);
    assertThat(Road.ALL)
        .extracting(r -> r.haul().road())
        .containsAll(jobs.stream().map(j -> j.haul().road()).toList());
    assertThat(DemoWorld.workedCase().haul()).isEqualTo(Road.ALL.get(0).haul());
    assertThat(DemoWorld.workedCase().build().coolers()).hasSize(1);
  }
}
