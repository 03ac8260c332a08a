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
import roadbreeze.server.build.Build;
import roadbreeze.server.haul.Road;
import roadbreeze.server.intake.Intake;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.rig.Mark;
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
    JobContent job = JobFormat.shipped(name);
    assertThat(VALIDATOR.validate(job)).isEmpty();
    assertThat(job.builds().get(0).kind()).isEqualTo(Build.Kind.AS_FOUND);
    assertThat(job.builds()).extracting(Build::name).doesNotHaveDuplicates();
  }

  @ParameterizedTest
  @MethodSource("shipped")
  void everyMarkOfOriginBelongsToANumberOfTheJob(String name) {
    JobContent job = JobFormat.shipped(name);
    for (String path : job.rig().marks().keySet()) {
      assertThat(Jobs.at(job, "rig." + path).isNumber()).as(path).isTrue();
    }
    for (Build build : job.builds()) {
      for (String path : build.marks().keySet()) {
        String whole = "builds." + build.id() + "." + path;
        assertThat(Jobs.at(job, whole).isNumber()).as(whole).isTrue();
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"petrol-utility", "diesel-utility", "medium-diesel", "plough-pickup"})
  void anIntakeClaimsNothingMeasured(String name) {
    JobContent job = Intake.job(name);
    assertThat(job.rig().marks()).hasSizeGreaterThan(25).doesNotContainValue(Mark.MEASURED);
    assertThat(job.rig().vehicle().kind().name().toLowerCase().replace('_', '-')).isEqualTo(name);
    assertThat(job.rig().vehicle().cooling().chargeAirCooler() != null)
        .as("only boosted engines have a charge-air cooler")
        .isEqualTo(job.rig().vehicle().engine().boostRatio() != null);
  }

  @Test
  void theDemoYardIsTheDemoWorlds() {
    List<JobContent> jobs = DemoWorld.jobs();
    assertThat(jobs)
        .extracting(j -> j.rig().vehicle().kind())
        .containsExactly(
            Vehicle.Type.PETROL_UTILITY,
            Vehicle.Type.MEDIUM_DIESEL,
            Vehicle.Type.MEDIUM_DIESEL,
            Vehicle.Type.PLOUGH_PICKUP);
    assertThat(Road.all())
        .extracting(r -> r.haul().road())
        .containsAll(jobs.stream().map(j -> j.haul().road()).toList());
    assertThat(DemoWorld.workedCase().job().haul()).isEqualTo(Road.all().get(0).haul());
    assertThat(DemoWorld.workedCase().chosen().coolers()).hasSize(1);
  }
}
