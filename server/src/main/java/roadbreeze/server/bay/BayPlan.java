package roadbreeze.server.bay;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.server.build.Build;
import roadbreeze.server.drawing.SvgDrawing;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.order.OrderResult;
import roadbreeze.server.order.StepDrawings;

/**
 * The work as it was put in order, with all that is needed to do it where no server is.
 *
 * @param number from 1
 * @param people who work on it
 * @param length until the last thing has ended, min
 * @param steps in their order, those that are done first
 * @param cautions codes of what holds for all of the work
 * @param drawings that the steps name, by their ids
 */
public record BayPlan(
    int number,
    Instant at,
    int people,
    double dayHours,
    int length,
    List<OrderResult.OrderedStep> steps,
    List<String> cautions,
    Map<String, BothWorlds> drawings) {

  /** A drawing as SVG with its measures in either world's units. */
  public record BothWorlds(String metric, String imperial) {}

  /**
   * @param steps those that are done as they stood, then those of the order
   * @param length until the last of them has ended, min
   */
  static BayPlan of(
      int number,
      Instant at,
      JobContent job,
      Build build,
      OrderResult order,
      List<OrderResult.OrderedStep> steps,
      int length) {
    Map<String, BothWorlds> drawings = new LinkedHashMap<>();
    StepDrawings drawn = new StepDrawings(job, build);
    steps.stream()
        .flatMap(s -> s.drawings().stream())
        .map(OrderResult.StepDrawing::id)
        .distinct()
        .forEach(id -> both(drawn, id).ifPresent(svg -> drawings.put(id, svg)));
    return new BayPlan(
        number,
        at,
        order.people(),
        build.work().dayHours(),
        length,
        steps,
        order.cautions(),
        drawings);
  }

  private static Optional<BothWorlds> both(StepDrawings drawn, String id) {
    return drawn
        .drawn(id, Units.World.METRIC)
        .map(SvgDrawing::of)
        .flatMap(
            metric ->
                drawn
                    .drawn(id, Units.World.IMPERIAL)
                    .map(SvgDrawing::of)
                    .map(imperial -> new BothWorlds(metric, imperial)));
  }

  Optional<OrderResult.OrderedStep> step(String id) {
    return steps.stream().filter(s -> s.id().equals(id)).findFirst();
  }
}
