package roadbreeze.server.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Layout;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.mounting.MountingResult;
import roadbreeze.server.nose.NoseRemotePlace;

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

  /** Under the bed, hoses as long as the string that was laid there, in air that is warmer. */
  @Test
  void aMeasuredPlaceAwayFromThePackIsLookedAtAndTaken() {
    NoseRemotePlace bed = remote("under-bed", 700, 3);
    NoseRemotePlace tight = remote("behind-wheel", 200, 3);
    JobContent measured = Jobs.with(JOB, "nose.remotePlaces", List.of(tight, bed));
    PlaceResult found = PlaceResult.of(measured, PLAN, COOLER);
    assertThat(found.away())
        .extracting(PlaceResult.Away::name)
        .containsExactly("under-bed", "behind-wheel");
    assertThat(found.away().get(0).lacks()).isEmpty();
    assertThat(found.away().get(1).lacks())
        .extracting(f -> f.code())
        .contains("remoteFitLack.width");
    StoodCooler stood = StoodCooler.of(measured, PLAN, found.away().get(0).cooler(), List.of());
    FittedCooler there = stood.build().coolers().get(0);
    assertThat(there.place()).isEqualTo(CoolerFit.Place.ELSEWHERE);
    assertThat(there.remotePlace()).isEqualTo("under-bed");
    assertThat(there.ownFanM3s()).isPositive();
    assertThat(stood.hosesMm()).isCloseTo(6000, within(1e-6));
    // The headroom that was told is that of the plan as it stands now.
    assertThat(measured.judge(stood.build()).of(measured.setup(stood.build())).sure())
        .isCloseTo(found.away().get(0).headroomK(), within(0.01));
    // Asked back from there it leaves its fan, and the pack's best is what it was.
    PlaceResult.Spot back = PlaceResult.of(measured, stood.build(), there).places().get(0);
    assertThat(back.cooler().ownFanM3s()).isNull();
    assertThat(back.cooler().remotePlace()).isNull();
    assertThat(back.headroomK()).isCloseTo(found.places().get(0).headroomK(), within(2.0));
    // Measured anew the hoses follow.
    JobContent longer =
        Jobs.with(measured, "nose.remotePlaces", List.of(remote("under-bed", 700, 4)));
    assertThat(longer.setup(stood.build()).fitting().oil().hoses())
        .allSatisfy(h -> assertThat(h.line().length()).isEqualTo(4));
  }

  private static NoseRemotePlace remote(String id, double width, double hose) {
    return new NoseRemotePlace(id, id, width, 500, 250, hose, 4, true, 8, 10);
  }
}
