package roadbreeze.server.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Layout;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.mounting.MountingResult;

class PlaceTest {
  private static final JobContent JOB = Jobs.BUCKET;
  private static final Build PLAN = JOB.build(Jobs.PLAN);
  private static final FittedCooler COOLER = PLAN.coolers().get(0);

  /**
   * A cooler that is stood where it was told to fits, is held by new brackets, and has its hoses.
   */
  @Test
  void aPlaceThatIsTakenBringsItsBracketsAndHoses() {
    PlaceResult found = PlaceResult.of(JOB, PLAN, COOLER);
    assertThat(found.nowK()).isCloseTo(JOB.judge(PLAN).of(JOB.setup(PLAN)).sure(), within(1e-9));
    PlaceResult.Spot spot = found.places().get(0);
    assertThat(spot.toDrill()).isZero();
    StoodCooler stood = StoodCooler.of(JOB, PLAN, spot.cooler(), List.of());
    Build build = stood.build();
    assertThat(build.coolers()).containsExactly(spot.cooler());
    assertThat(Clearance.of(Layout.of(JOB.setup(build)))).noneMatch(Clearance::serious);
    assertThat(build.mounting().brackets())
        .hasSize(4)
        .allSatisfy(b -> assertThat(b.tie().cooler()).isEqualTo(COOLER.id()));
    assertThat(MountingResult.of(JOB, build).findings()).isEmpty();
    assertThat(stood.blocked()).isEmpty();
    assertThat(build.lines().hoses()).hasSize(2).allMatch(h -> !h.bends().isEmpty());
    // Roughly told before, then measured along the hoses as they were laid.
    assertThat(stood.hosesMm()).isCloseTo(spot.hosesMm(), within(0.4 * spot.hosesMm()));
    assertThat(JOB.judge(build).of(JOB.setup(build)).sure())
        .isCloseTo(spot.headroomK(), within(0.5));
  }

  /** What was bent for another cooler stays as it is. */
  @Test
  void bracketsOfAnotherCoolerAreLeftAlone() {
    FittedCooler second = COOLER.withId("cooler-2").withLeftMm(COOLER.leftMm() + 350);
    Build two =
        PLAN.withCoolers(List.of(COOLER, second)).withLines(PLAN.lines().withHoses(List.of()));
    StoodCooler stood = StoodCooler.of(JOB, two, second, List.of("obstacle-2"));
    assertThat(stood.build().mounting().brackets()).containsAll(PLAN.mounting().brackets());
    assertThat(stood.build().moved()).contains("obstacle-2");
  }
}
