package roadbreeze.server.finder;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import roadbreeze.core.explain.Code;
import roadbreeze.core.finder.Result;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.order.TaskShelf;
import roadbreeze.server.parts.PartsService;
import tools.jackson.databind.json.JsonMapper;

/** Starts, watches and cancels searches of the catalogue. */
@Service
public class FinderService {
  /** How far a search has come: what it has found does not change until another part is done. */
  private record Stage(UUID id, int parts, boolean done) {}

  // Everybody who watches a search asks several times a second.
  private final Cache<Stage, FinderState> found =
      Caffeine.newBuilder().maximumSize(50).expireAfterAccess(Duration.ofMinutes(10)).build();
  private final LongRuns runs;
  private final FinderWork work;
  private final PartsService catalogue;
  private final TaskShelf shelf;
  private final JsonMapper json;

  FinderService(
      LongRuns runs, FinderWork work, PartsService catalogue, TaskShelf shelf, JsonMapper json) {
    this.shelf = shelf;
    this.runs = runs;
    this.work = work;
    this.catalogue = catalogue;
    this.json = json;
  }

  public UUID start(FinderRequest request) {
    Snapshot snapshot = Snapshot.of(request, catalogue, shelf);
    new SearchSpace(snapshot).check();
    return runs.start(work, json.writeValueAsString(snapshot));
  }

  public void cancel(UUID id) {
    runs.cancel(id);
  }

  private Snapshot snapshot(String request) {
    return json.readValue(request, Snapshot.class);
  }

  public FinderState state(UUID id) {
    LongRuns.RunState run = runs.state(id);
    if (run.results().isEmpty()) {
      return FinderState.waiting(id, run);
    }
    boolean done = run.status() == LongRuns.Status.DONE;
    FinderState finds =
        found.get(new Stage(id, run.results().size(), done), stage -> found(id, run, done));
    return finds.at(run.status(), done ? 1 : run.share(), run.tried(), run.seconds());
  }

  private FinderState found(UUID id, LongRuns.RunState run, boolean done) {
    SearchSpace space = new SearchSpace(snapshot(run.request()));
    Result result =
        Result.merge(run.results().stream().map(r -> json.readValue(r, Result.class)).toList());
    return new FinderState(
        id,
        run.status(),
        run.share(),
        run.tried(),
        run.seconds(),
        done ? result.enough() : null,
        result.sets(),
        result.shortList().stream().map(p -> space.pick(p.merit(), p.found(), done)).toList(),
        result.unbeaten(),
        counts(result.fallen()),
        counts(space.refused()),
        done && !result.enough() ? result.best().map(space::instead).orElse(List.of()) : List.of());
  }

  private static List<FinderState.Fallen> counts(Map<? extends Code, Long> why) {
    return why.entrySet().stream()
        .map(e -> new FinderState.Fallen(e.getKey().key(), e.getValue()))
        .sorted(Comparator.comparingLong(f -> -f.count()))
        .toList();
  }
}
