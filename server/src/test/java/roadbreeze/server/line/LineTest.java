package roadbreeze.server.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.server.Jobs;
import roadbreeze.server.assess.Verdict;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.Hose;
import roadbreeze.server.job.JobContent;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class LineTest {
  private static final String HOSES = "builds.plan-3.lines.hoses";

  private static LineResult lines(JobContent job, String build) {
    return LineResult.of(job, job.build(build));
  }

  private static JobContent with(Hose... hoses) {
    return Jobs.with(Jobs.HIVE, HOSES, List.of(hoses));
  }

  private static Hose hose(String id, double length, double bore, int elbows) {
    return Hose.thought(id, id, length, bore, elbows, 2);
  }

  @Test
  void withNothingFittedAllOfTheFlowIsLeft() {
    LineResult none = lines(Jobs.HIVE, Jobs.RESTORED);
    assertThat(none.hot().flowShare()).isCloseTo(1, within(1e-9));
    assertThat(none.cuts()).isEmpty();
    assertThat(none.hoseToBuyM()).isEmpty();
    assertThat(none.addedVolumeL()).isZero();
  }

  @Test
  void hoseIsCutWithItsSpareAndBoughtByTheTenthOfAMetre() {
    LineResult one = lines(with(hose("out", 0.9, 9.5, 1), hose("back", 1.1, 9.5, 1)), Jobs.PLAN);
    assertThat(one.cuts()).extracting(LineResult.Cut::cutMm).containsExactly(1060.0, 1260.0);
    // 1.06 and 1.26 m of one bore: 2.32 m, sold as 2.4.
    assertThat(one.hoseToBuyM()).hasSize(1);
    assertThat(one.hoseToBuyM().get(0).lengthM()).isCloseTo(2.4, within(1e-9));
    LineResult two = lines(with(hose("out", 0.9, 9.5, 1), hose("back", 1.1, 12.7, 1)), Jobs.PLAN);
    assertThat(two.hoseToBuyM()).extracting(LineResult.ToBuy::boreMm).containsExactly(9.5, 12.7);
    assertThat(two.hot().flowShare()).isGreaterThan(one.hot().flowShare());
    double more = Math.PI / 4 * (0.0127 * 0.0127 - 0.0095 * 0.0095) * 1.1 * 1000;
    assertThat(two.addedVolumeL() - one.addedVolumeL()).isCloseTo(more, within(1e-6));
  }

  @Test
  void eachBuildIsPipedForItself() {
    JobContent job = with(hose("out", 6, 4.5, 6), hose("back", 6, 4.5, 6));
    LineResult starved = lines(job, Jobs.PLAN);
    assertThat(starved.warnings())
        .extracting(w -> w.code())
        .containsExactly("oilLinesStarved.hot", "oilLinesStarved.cold");
    assertThat(starved.cold().flowShare()).isLessThan(starved.hot().flowShare());
    assertThat(lines(Jobs.HIVE, Jobs.PLAN).warnings()).hasSizeLessThan(2);
    JobContent weak = Jobs.with(Jobs.HIVE, "rig.foundLines.pumpMaxKpa", 50);
    assertThatThrownBy(() -> lines(Jobs.with(weak, "rig.foundLines.boreMm", 4), Jobs.PLAN))
        .isInstanceOf(NotConvergedException.class);
  }

  /** It falls from the pump to the pan, loses what each element loses, and ends in the open pan. */
  @Test
  void pressureFallsAlongTheWayByWhatEachElementLoses() {
    LineResult result = lines(Jobs.HIVE, Jobs.PLAN);
    assertThat(result.profile())
        .extracting(s -> s.what().name() + s.number())
        .containsExactly("FEED_LINE0", "HOSE1", "COOLER1", "HOSE2", "RETURN_LINE0");
    for (int i = 1; i < result.profile().size(); i++) {
      LineResult.LineStretch before = result.profile().get(i - 1);
      LineResult.LineStretch here = result.profile().get(i);
      assertThat(here.hot().kpa())
          .isCloseTo(before.hot().kpa() - before.hot().dropKpa(), within(1e-9))
          .isLessThan(before.hot().kpa());
      assertThat(here.cold().kpa()).isLessThan(before.cold().kpa());
    }
    LineResult.State hot = result.hot();
    assertThat(result.profile().get(0).hot().kpa())
        .isCloseTo(hot.feedKpa(), within(1e-9))
        .isCloseTo(hot.foundDropKpa() + hot.hoseDropKpa() + hot.coolerDropKpa(), within(1e-9));
    assertThat(result.profile().get(4).hot().kpa()).isCloseTo(hot.foundDropKpa() / 2, within(1e-9));
    // The pump's own line: what is left of its flow at that pressure.
    double most = Jobs.HIVE.rig().foundLines().pumpMaxKpa();
    double free = result.cold().foundFlowLpm();
    assertThat(result.cold().feedKpa()).isBetween(0.8 * most, most);
    assertThat(result.cold().plannedFlowLpm()).isLessThan(free);
    assertThat(result.fillSeconds())
        .isCloseTo(result.addedVolumeL() / result.cold().plannedFlowLpm() * 60, within(1e-6));
  }

  /** Side by side each cooler has hoses of its own: half of the oil goes through each of them. */
  @Test
  void coolersSideBySideShareTheOilWithTheirHoses() {
    Build plan = Jobs.HIVE.build(Jobs.PLAN);
    FittedCooler one = plan.coolers().get(0);
    ObjectNode twin = JsonMapper.shared().valueToTree(one);
    twin.put("id", "cooler-2").put("leftMm", 430);
    JobContent two =
        Jobs.with(
            Jobs.HIVE,
            "builds.plan-3.coolers",
            List.of(one, JsonMapper.shared().treeToValue(twin, FittedCooler.class)));
    two = Jobs.with(two, "builds.plan-3.parallel", true);
    two =
        Jobs.with(
            two,
            "builds.plan-3.lines.hoses",
            List.of(
                Hose.thought("a", "to the first", 0.9, 9.5, 1, 2),
                Hose.thought("b", "from the first", 1.1, 9.5, 1, 2),
                Hose.thought("c", "to the second", 0.9, 9.5, 1, 2),
                Hose.thought("d", "from the second", 1.1, 9.5, 1, 2)));
    LineResult result = lines(two, Jobs.PLAN);
    assertThat(result.profile())
        .extracting(s -> s.what().name() + s.number() + "/" + s.branch())
        .containsExactly(
            "FEED_LINE0/0",
            "HOSE1/1",
            "COOLER1/1",
            "HOSE2/1",
            "HOSE3/2",
            "COOLER2/2",
            "HOSE4/2",
            "RETURN_LINE0/0");
    double all = result.hot().plannedFlowLpm();
    assertThat(result.profile().subList(1, 7))
        .allSatisfy(s -> assertThat(s.hot().flowLpm()).isCloseTo(all / 2, within(1e-3)));
    // Both branches begin at one pressure and end at one.
    assertThat(result.profile().get(4).hot().kpa())
        .isCloseTo(result.profile().get(1).hot().kpa(), within(1e-9));
    assertThat(result.profile().get(6).hot().kpa() - result.profile().get(6).hot().dropKpa())
        .isCloseTo(result.profile().get(7).hot().kpa(), within(1e-3));
    // In one row the same hoses and coolers hold up far more.
    JobContent row = Jobs.with(two, "builds.plan-3.parallel", false);
    assertThat(lines(row, Jobs.PLAN).hot().feedKpa()).isGreaterThan(result.hot().feedKpa() + 20);
    assertThat(Verdict.of(two, two.build(Jobs.PLAN)).pan().peakC())
        .isLessThan(Verdict.of(two, two.build("restored")).pan().peakC());
  }

  /** What a cooler may be worked at is held against what a cold start pushes there. */
  @Test
  void aCoolersRatingIsHeldOrAskedFor() {
    assertThat(lines(Jobs.HIVE, Jobs.PLAN).mismatches()).isEmpty();
    String rated = "builds.plan-3.coolers.cooler-1.part.ratedKpa";
    assertThat(lines(Jobs.with(Jobs.HIVE, rated, null), Jobs.PLAN).mismatches())
        .extracting(m -> m.code())
        .containsExactly("coolerMismatch.notRated");
    LineResult weak = lines(Jobs.with(Jobs.HIVE, rated, 200), Jobs.PLAN);
    assertThat(weak.mismatches())
        .extracting(m -> m.code())
        .containsExactly("coolerMismatch.overRating");
  }

  /** The order of the work learns what nobody reaches later. */
  @Test
  void whatIsHiddenAfterwardsComesFirst() {
    LineResult hive = lines(Jobs.HIVE, Jobs.PLAN);
    assertThat(hive.joints()).hasSize(4).allSatisfy(j -> assertThat(j.clamp()).isNotNull());
    assertThat(hive.order())
        .extracting(o -> o.code())
        .contains("clampAccessRule.clampOnFirst", "clampAccessRule.plugBeforeShroud");
  }
}
