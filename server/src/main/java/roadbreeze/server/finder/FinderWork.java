package roadbreeze.server.finder;

import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import roadbreeze.core.finder.Result;
import roadbreeze.core.finder.Search;
import roadbreeze.server.longrun.LongRunKind;
import tools.jackson.databind.json.JsonMapper;

/** Works a search of the catalogue: a long run whose parts are every n-th cooler. */
@Component
class FinderWork implements LongRunKind {
  /**
   * Parts a search is cut into, so that several servers have something to take and the first finds
   * come early.
   */
  private static final int PARTS = 16;

  private final JsonMapper json;

  FinderWork(JsonMapper json) {
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

  @Override
  public String work(String request, int part, Progress progress) {
    SearchSpace space = new SearchSpace(json.readValue(request, Snapshot.class));
    Search search = space.search().part(part, PARTS);
    long steps = Math.max(1, search.sets() / search.thermostats().size());
    AtomicLong step = new AtomicLong();
    boolean[] unwanted = new boolean[1];
    Result held =
        search.run(
            tried -> {
              double share = Math.min(0.99, step.incrementAndGet() / (double) steps);
              unwanted[0] = progress.tell(tried, share);
            },
            () -> unwanted[0] || Thread.currentThread().isInterrupted());
    Result result = space.hasRoad() ? held.driven(space::onRoad) : held;
    progress.tell(result.tried(), 1);
    return json.writeValueAsString(result);
  }
}
