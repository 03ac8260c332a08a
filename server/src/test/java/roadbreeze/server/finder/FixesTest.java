package roadbreeze.server.finder;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.finder.Room;
import roadbreeze.core.nose.Move;
import roadbreeze.core.rig.FanUnit;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.nose.NoseSolid;
import roadbreeze.server.parts.FanPart;
import roadbreeze.server.parts.SealPart;

class FixesTest {
  private static final FanPart SMALL =
      new FanPart(
          "S",
          "small",
          FanUnit.Type.ELECTRIC,
          1,
          165,
          0.15,
          120.0,
          null,
          null,
          13.5,
          4.0,
          null,
          null,
          null,
          null,
          null,
          null,
          42);

  /** Seals and a cooler's own fan both change the coolers; a horn and a brace both move. */
  @Test
  void oneFixLeavesWhatAnotherHasDone() {
    JobContent job = Jobs.with(Jobs.HIVE, "builds.plan-3.condition.recirculation", 0.15);
    job = Jobs.with(job, "builds.plan-3.coolers.cooler-1.sealed", false);
    job =
        Jobs.with(
            job, "nose.solids.obstacle-1.move", new NoseSolid.NoseMove(15, Move.Needs.NOTHING));
    Build plan = job.build(Jobs.PLAN);
    FinderRequest request =
        new FinderRequest(job, Jobs.PLAN, 900, 12, 60, false, false, false, true);
    Snapshot snapshot =
        new Snapshot(
            request,
            List.of(),
            List.of(),
            List.of(SMALL),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(new SealPart("K", "kit", 6, 62)),
            null);
    List<Fix> fixes = Fixes.of(snapshot, plan, new EnumMap<>(Room.Refusal.class));
    assertThat(fixes).hasSize(4);
    assertThat(fixes.stream().map(Fix::group)).doesNotHaveDuplicates();
    Build all = plan;
    for (Fix fix : fixes) {
      all = SearchSpace.changed(all, fix.changes().apply(all));
    }
    assertThat(all.coolers().get(0).sealed()).isTrue();
    assertThat(all.coolers().get(0).ownFanM3s()).isEqualTo(0.15);
    assertThat(all.condition().recirculation()).isEqualTo(Condition.SEALED);
    assertThat(all.moved()).containsExactly("obstacle-1", "obstacle-2");
  }
}
