package roadbreeze.server.matrix;

import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import roadbreeze.server.haul.Road;
import roadbreeze.server.longrun.LongRuns;
import roadbreeze.server.message.Said;
import tools.jackson.databind.json.JsonMapper;

/**
 * How far the matrix is, and the pairs that are done.
 *
 * @param share of the work done, 0 to 1
 * @param trailer what all trucks pull, null where each pulls its own
 * @param heatsC hottest of the day, one for each entry of a cell
 */
record MatrixState(
    UUID id,
    LongRuns.Status status,
    double share,
    double seconds,
    @Nullable String trailer,
    List<MatrixTruck> trucks,
    List<String> roads,
    List<Double> heatsC,
    List<MatrixCell> cells) {

  /**
   * A truck by its job and the build it would leave with.
   *
   * @param overRatings ratings of the truck's makers that it passes with what it pulls: no road
   *     clears them
   */
  record MatrixTruck(UUID job, String name, String build, List<Said> overRatings) {}

  static MatrixState of(UUID id, LongRuns.RunState run, JsonMapper json) {
    MatrixAsk ask = json.readValue(run.request(), MatrixAsk.class);
    return new MatrixState(
        id,
        run.status(),
        run.share(),
        run.seconds(),
        ask.trailer(),
        ask.trucks().stream()
            .map(
                t ->
                    new MatrixTruck(
                        t.job(),
                        t.name(),
                        t.chosen().name(),
                        Said.of(t.content().rig().overRatings())))
            .toList(),
        Road.all().stream().map(r -> r.haul().road()).toList(),
        MatrixAsk.HEATS,
        run.results().stream()
            .flatMap(r -> Arrays.stream(json.readValue(r, MatrixCell[].class)))
            .toList());
  }
}
