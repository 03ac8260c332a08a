package roadbreeze.server.finder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Service;
import roadbreeze.core.finder.Result;
import roadbreeze.core.finder.Search;
import roadbreeze.server.longrun.LongRunKind;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.parts.PartsService;
import tools.jackson.databind.json.JsonMapper;

/** Searches of the catalogue: long runs whose parts are every n-th cooler. */
@Service
public class FinderService implements LongRunKind {
  /** Parts a search is cut into, so that several servers have something to take. */
  private static final int PARTS = 8;

  private final LongRuns runs;
  private final PartsService catalogue;
  private final JsonMapper json;

  FinderService(
      @org.springframework.context.annotation.Lazy LongRuns runs,
      PartsService catalogue,
      JsonMapper json) {
    this.runs = runs;
    this.catalogue = catalogue;
    this.json = json;
  }

  @Override
  public String name() {
    return "finder";
  }

  @Override
  public int parts() {
    return PARTS;
  }

  public UUID start(FinderRequest request) {
    Snapshot snapshot = Snapshot.of(request, catalogue);
    new SearchSpace(snapshot).search(); // says at once what would stop it later
    return runs.start(this, json.writeValueAsString(snapshot));
  }

  public void cancel(UUID id) {
    runs.cancel(id);
  }

  @Override
  public String work(String request, int part, Progress progress) {
    Search search = new SearchSpace(snapshot(request)).search().part(part, PARTS);
    long steps = Math.max(1, (long) search.packs().size() * (search.coolers().size() + 1));
    AtomicLong step = new AtomicLong();
    boolean[] unwanted = new boolean[1];
    Result result =
        search.run(
            tried -> {
              double share = Math.min(0.99, step.incrementAndGet() / (double) steps);
              unwanted[0] = progress.tell(tried, share);
            },
            () -> unwanted[0] || Thread.currentThread().isInterrupted());
    progress.tell(result.tried(), 1);
    return json.writeValueAsString(result);
  }

  private Snapshot snapshot(String request) {
    return json.readValue(request, Snapshot.class);
  }

  public FinderState state(UUID id) {
    LongRuns.RunState run = runs.state(id);
    if (run.status() != LongRuns.Status.DONE) {
      return new FinderState(
          id,
          run.status(),
          run.share(),
          run.tried(),
          run.seconds(),
          null,
          List.of(),
          List.of(),
          List.of());
    }
    SearchSpace space = new SearchSpace(snapshot(run.request()));
    space.search();
    Result result =
        Result.merge(run.results().stream().map(r -> json.readValue(r, Result.class)).toList());
    return new FinderState(
        id,
        run.status(),
        1,
        run.tried(),
        run.seconds(),
        result.enough(),
        result.shortList().stream().map(p -> space.pick(p.merit(), p.found())).toList(),
        fallen(space, result),
        result.enough() ? List.of() : result.best().map(space::instead).orElse(List.of()));
  }

  private static List<FinderState.Fallen> fallen(SearchSpace space, Result result) {
    List<FinderState.Fallen> fallen = new ArrayList<>();
    result.fallen().forEach((why, n) -> fallen.add(new FinderState.Fallen(why.key(), n)));
    space.refused().forEach((why, n) -> fallen.add(new FinderState.Fallen(why.key(), n)));
    fallen.sort(Comparator.comparingLong(f -> -f.count()));
    return fallen;
  }
}
