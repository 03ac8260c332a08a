package roadbreeze.server.finder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import roadbreeze.core.haul.Outcome;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.longrun.LongRuns.Status;
import roadbreeze.server.parts.CoolerPart;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A search while its parts are being worked out. */
class FinderServiceTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private static final UUID ID = UUID.randomUUID();

  private final LongRuns runs = mock(LongRuns.class);
  private final FinderWork work = new FinderWork(JSON);
  private final FinderService service = new FinderService(runs, work, null, null, JSON);
  private String request = JSON.writeValueAsString(snapshot(Jobs.HIVE));

  private static Snapshot snapshot(JobContent job) {
    FinderRequest request =
        new FinderRequest(job, Jobs.RESTORED, 900, 12, 60, false, false, false, false);
    List<CoolerPart> coolers = new ArrayList<>();
    for (int width = 180; width < 340; width += 10) {
      ObjectNode part = JSON.valueToTree(job.build(Jobs.PLAN).coolers().get(0).part());
      part.put("code", "C-" + width).put("name", "Cooler " + width).put("widthMm", width);
      coolers.add(JSON.treeToValue(part.put("price", width / 2), CoolerPart.class));
    }
    return new Snapshot(
        request, coolers, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
        List.of(), List.of(), null);
  }

  private List<String> results() {
    List<String> results = new ArrayList<>();
    for (int part = 0; part < work.parts(); part++) {
      results.add(work.work(request, part, (tried, share) -> false));
    }
    return results;
  }

  private FinderState state(List<String> results, Status status, double share) {
    when(runs.state(ID))
        .thenReturn(new LongRuns.RunState(request, status, share, 100, 1.5, results));
    return service.state(ID);
  }

  @Test
  void whatPartsHaveFoundIsShownBeforeAllAreDone() {
    List<String> all = results();
    assertThat(state(List.of(), Status.RUNNING, 0.05).picks()).isEmpty();
    FinderState some = state(all.subList(0, 3), Status.RUNNING, 0.4);
    FinderState whole = state(all, Status.DONE, 0.99);
    assertThat(some.picks()).isNotEmpty();
    assertThat(some.share()).isEqualTo(0.4);
    // Whether it is enough is not said before the end, nor what would be instead.
    assertThat(some.enough()).isNull();
    assertThat(some.instead()).isEmpty();
    assertThat(some.sets()).isBetween(1L, whole.sets() - 1);
    assertThat(whole.share()).isEqualTo(1);
    assertThat(whole.enough()).isNotNull();
    assertThat(best(whole)).isGreaterThanOrEqualTo(best(some));
    // In whatever order the parts came in.
    List<String> turned = new ArrayList<>(all);
    Collections.reverse(turned);
    FinderService other = new FinderService(runs, work, null, null, JSON);
    when(runs.state(ID)).thenReturn(new LongRuns.RunState(request, Status.DONE, 1, 9, 9, turned));
    assertThat(other.state(ID).picks()).isEqualTo(whole.picks());
  }

  private static double best(FinderState state) {
    return state.picks().stream().mapToDouble(FinderState.Pick::headroomK).max().orElseThrow();
  }

  @Test
  void aFindIsWhatItsPlanComesToOnTheJobsRoad() {
    List<FinderState.Pick> picks = state(results(), Status.DONE, 1).picks();
    assertThat(picks).hasSizeGreaterThan(2);
    for (FinderState.Pick pick : picks) {
      Outcome road = Jobs.HIVE.driven(pick.build()).drive().outcome();
      assertThat(pick.pan().peakC()).isCloseTo(road.pan().value(), within(1e-6));
      assertThat(pick.headroomK()).isCloseTo(road.worst().headroom(), within(1e-6));
    }
    // Without a road its worst stretch decides.
    JobContent held = Jobs.held(Jobs.HIVE);
    request = JSON.writeValueAsString(snapshot(held));
    when(runs.state(ID))
        .thenReturn(new LongRuns.RunState(request, Status.DONE, 1, 100, 1.5, results()));
    for (FinderState.Pick pick :
        new FinderService(runs, work, null, null, JSON).state(ID).picks()) {
      Build build = pick.build();
      assertThat(pick.pan().peakC())
          .isCloseTo(held.judge(build).of(held.setup(build)).pan().peak(), within(0.05));
    }
  }

  @Test
  void askedAgainItCountsOnAndWorksNothingOutTwice() {
    List<String> all = results();
    FinderState early = state(all.subList(0, 2), Status.RUNNING, 0.3);
    FinderState later = state(all.subList(0, 2), Status.RUNNING, 0.35);
    assertThat(later.share()).isEqualTo(0.35);
    assertThat(later.picks()).isSameAs(early.picks());
    // One that was given up keeps what it had found, and says so.
    FinderState given = state(all.subList(0, 2), Status.CANCELLED, 0.35);
    assertThat(given.status()).isEqualTo(Status.CANCELLED);
    assertThat(given.picks()).isSameAs(early.picks());
  }

  @Test
  void aTruckWithoutACoolerInItsCoolantIsToldOfNone() {
    request =
        JSON.writeValueAsString(
            snapshot(Jobs.with(Jobs.HIVE, "rig.vehicle.gearbox.inTankWattsPerKelvin", null)));
    FinderState whole = state(results(), Status.DONE, 1);
    List<FinderState.Pick> bought =
        whole.picks().stream().filter(p -> !p.parts().isEmpty()).toList();
    assertThat(bought).isNotEmpty();
    for (FinderState.Pick pick : bought) {
      assertThat(pick.parts().toString()).contains("oilOrderNoTank.alone");
      assertThat(pick.build().oilOrder()).isEqualTo(Jobs.HIVE.build(Jobs.RESTORED).oilOrder());
    }
  }
}
