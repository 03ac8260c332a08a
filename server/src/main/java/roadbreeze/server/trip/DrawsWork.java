package roadbreeze.server.trip;

import org.springframework.stereotype.Component;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.HaulDraws;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.BuildRequest;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.longrun.LongRunKind;
import tools.jackson.databind.json.JsonMapper;

/** Drives a build's road a thousand times over, everything not well known drawn anew each time. */
@Component
class DrawsWork implements LongRunKind {
  static final int DRAWS = 1000;
  private static final int PARTS = 8;

  private final JsonMapper json;

  DrawsWork(JsonMapper json) {
    this.json = json;
  }

  @Override
  public String name() {
    return "haul-draws";
  }

  @Override
  public int parts() {
    return PARTS;
  }

  @Override
  public String work(String request, int part, Progress progress) {
    BuildRequest asked = json.readValue(request, BuildRequest.class);
    JobContent job = asked.job();
    Build build = asked.chosen();
    HaulCase.Driven driven = job.driven(build).drive();
    int each = DRAWS / PARTS;
    HaulDraws draws =
        HaulDraws.of(
            job.judge(build),
            driven,
            part,
            each,
            done ->
                progress.tell(done, Math.min(0.99, done / (double) each))
                    || Thread.currentThread().isInterrupted());
    progress.tell(each, 1);
    return json.writeValueAsString(draws);
  }
}
