package roadbreeze.server.mounting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.fastener.Stack;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.build.MountPlan;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;

/** The hive utility's cooler hung on a channel across. */
class ChannelTest {
  private static final JobContent JOB = Jobs.HIVE;
  private static final Build PLAN = JOB.build(Jobs.PLAN);
  private static final List<Across> PROPOSED = Across.proposed(JOB, PLAN, PLAN.coolers().get(0));

  /** With a proposed channel, and brackets to the ears that it leaves. */
  private static Build across(Across taken, Channel channel) {
    List<Bracket> brackets = new ArrayList<>(taken.tabs());
    for (Bracket b : PLAN.mounting().brackets()) {
      if (taken.tabs().stream().noneMatch(t -> t.tie().corner() == b.tie().corner())) {
        brackets.add(b);
      }
    }
    MountPlan plan = PLAN.mounting().withBrackets(brackets).withChannels(List.of(channel));
    return PLAN.withMounting(plan);
  }

  private static MountingResult mounted(Build build) {
    return MountingResult.of(JOB, build);
  }

  @Test
  void aChannelIsProposedDrilledScrewedAndHolds() {
    assertThat(PROPOSED).isNotEmpty();
    for (Across proposed : PROPOSED) {
      Build build = across(proposed, proposed.channel());
      MountingResult result = mounted(build);
      assertThat(result.findings()).noneMatch(f -> !f.code().endsWith("sharedHole"));
      FlatChannel flat = result.channels().get(0);
      assertThat(flat.faults()).isEmpty();
      assertThat(flat.blockedBy()).isNull();
      assertThat(flat.tabs()).hasSameSizeAs(proposed.tabs());
      // A screw at each end, one for each tab or for two that lie on each other.
      assertThat(flat.web().holes()).hasSize(4);
      Ties ties = Ties.of(JOB, build).get("cooler-1");
      for (Bracket tab : proposed.tabs()) {
        assertThat(ties.off(tab)).isLessThan(0.1e-3);
        List<Vector3D> line = ties.inPlace(tab);
        assertThat(line).isNotEmpty();
      }
      assertThat(result.stacks())
          .filteredOn(s -> s.piece().equals(flat.id()))
          .extracting(ScrewStack::end)
          .containsExactly(ScrewStack.End.FIRST, ScrewStack.End.LAST);
      assertThat(result.stacks())
          .filteredOn(s -> s.end() == ScrewStack.End.CHANNEL)
          .hasSize(2)
          .allMatch(
              s ->
                  s.layers().stream().filter(l -> l.what() == Stack.What.STRIP).count()
                      == proposed.tabs().size() / 2)
          .allMatch(s -> s.layers().stream().anyMatch(l -> l.what() == Stack.What.CHANNEL));
      assertThat(result.holding().frequencyHz()).isPositive();
    }
  }

  /** A heavier section holds stiffer; a welded tab has a hole and a screw less. */
  @Test
  void sectionAndWeldingTell() {
    Across taken = PROPOSED.get(PROPOSED.size() - 1);
    Channel c = taken.channel();
    Channel heavy =
        new Channel(c.id(), c.name(), c.metal(), 50, 35, 4, c.from(), c.to(), c.legsOut(), true);
    MountingResult light = mounted(across(taken, c));
    MountingResult firm = mounted(across(taken, heavy));
    assertThat(firm.holding().frequencyHz()).isGreaterThan(light.holding().frequencyHz());
    assertThat(firm.channels().get(0).web().holes()).hasSize(2);
    assertThat(firm.channels().get(0).tabs()).hasSameSizeAs(taken.tabs());
    assertThat(firm.stacks()).noneMatch(s -> s.end() == ScrewStack.End.CHANNEL);
  }

  @Test
  void whatCannotLieThereIsSaidWithItsReason() {
    Across taken = PROPOSED.get(PROPOSED.size() - 1);
    Channel c = taken.channel();
    Channel gone =
        new Channel(c.id(), c.name(), c.metal(), 30, 20, 2, "nowhere", c.to(), true, false);
    MountingResult result = mounted(across(taken, gone));
    assertThat(result.channels().get(0).faults())
        .extracting(f -> f.code())
        .containsExactly("flatChannelFault.holeGone");
    // Its tabs hang on nothing then, and are no longer counted as holding by a channel.
    assertThat(result.findings())
        .extracting(f -> f.code())
        .contains("mountingResultMisfit.holeGone");
    Channel same = new Channel(c.id(), c.name(), c.metal(), 30, 20, 2, c.to(), c.to(), true, false);
    assertThat(mounted(across(taken, same)).channels().get(0).faults())
        .extracting(f -> f.code())
        .containsExactly("crossChannelMisfit.sameHole");
    Channel thick =
        new Channel(c.id(), c.name(), c.metal(), 20, 10, 7, c.from(), c.to(), true, false);
    assertThat(mounted(across(taken, thick)).channels().get(0).faults())
        .extracting(f -> f.code())
        .containsExactly("problem.outOfRange");
    Build bare = PLAN.withMounting(PLAN.mounting().withChannels(List.of(c)));
    assertThat(mounted(bare).channels().get(0).faults())
        .extracting(f -> f.code())
        .containsExactly("flatChannelFault.noTab");
    assertThat(Across.tabs(JOB, bare, "cooler-1", c.id())).isNotEmpty();
  }

  /** Its web is drawn to scale like a strip, its section named. */
  @Test
  void aChannelIsDrawnToScale() {
    Across taken = PROPOSED.get(PROPOSED.size() - 1);
    FlatChannel flat = mounted(across(taken, taken.channel())).channels().get(0);
    var drawing = FlatDrawing.of(taken.channel(), flat.web(), Units.World.METRIC);
    assertThat(drawing.title()).contains("channel 1", "25", "15", "2", "steel");
    assertThat(drawing.width()).isCloseTo(flat.lengthMm() + 24, within(0.1));
  }

  /** What hangs before the pack takes air, as a brace there does. */
  @Test
  void aChannelBeforeThePackTakesAir() {
    Across taken = PROPOSED.get(PROPOSED.size() - 1);
    Build build = across(taken, taken.channel());
    assertThat(mounted(build).channels().get(0).shades()).isPositive();
    double bare = JOB.judge(PLAN).of(JOB.setup(PLAN)).sure();
    double shaded = JOB.judge(build).of(JOB.setup(build)).sure();
    assertThat(shaded).isLessThan(bare).isGreaterThan(bare - 5);
  }
}
