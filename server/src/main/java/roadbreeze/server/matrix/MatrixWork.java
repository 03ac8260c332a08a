package roadbreeze.server.matrix;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import roadbreeze.server.haul.Road;
import roadbreeze.server.longrun.LongRunKind;
import tools.jackson.databind.json.JsonMapper;

/** Drives every truck over every road; a part takes every eighth pair. */
@Component
class MatrixWork implements LongRunKind {
  private static final int PARTS = 8;

  private final JsonMapper json;

  MatrixWork(JsonMapper json) {
    this.json = json;
  }

  @Override
  public String name() {
    return "yard-matrix";
  }

  @Override
  public int parts() {
    return PARTS;
  }

  @Override
  public String work(String request, int part, Progress progress) {
    MatrixAsk ask = json.readValue(request, MatrixAsk.class);
    int roads = Road.all().size();
    int pairs = ask.trucks().size() * roads;
    List<MatrixCell> cells = new ArrayList<>();
    for (int pair = part; pair < pairs; pair += PARTS) {
      cells.add(MatrixCell.of(ask, pair / roads, pair % roads));
      if (progress.tell(cells.size(), Math.min(0.99, (pair + PARTS) / (double) pairs))) {
        break; // nobody wants it any more
      }
    }
    progress.tell(cells.size(), 1);
    return json.writeValueAsString(cells);
  }
}
