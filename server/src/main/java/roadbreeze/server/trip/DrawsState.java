package roadbreeze.server.trip;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import org.hipparchus.stat.descriptive.rank.Percentile;
import roadbreeze.core.haul.HaulDraws;
import roadbreeze.server.longrun.LongRuns;

/**
 * How far the draws of a road are, and what those that are done come to.
 *
 * @param share of the work done, 0 to 1
 * @param done draws
 * @param failed of them could not drive there
 * @param keepPercent of those that could, how many keep every limit
 * @param coolant headroom, as the next two; empty until a part is done
 */
public record DrawsState(
    UUID id,
    LongRuns.Status status,
    double share,
    double seconds,
    int done,
    int failed,
    double keepPercent,
    List<Double> coolant,
    List<Double> feed,
    List<Double> pan) {
  /** Of the headroom that so many of a hundred have at least: 95, 90, 50, 10, 5. */
  private static final double[] TOLD = {5, 10, 50, 90, 95};

  static DrawsState of(UUID id, LongRuns.RunState run, List<HaulDraws> parts) {
    List<HaulDraws.Draw> all = new ArrayList<>();
    int failed = 0;
    for (HaulDraws part : parts) {
      all.addAll(part.draws());
      failed += part.failed();
    }
    long keeps = all.stream().filter(HaulDraws.Draw::keeps).count();
    return new DrawsState(
        id,
        run.status(),
        run.share(),
        run.seconds(),
        all.size() + failed,
        failed,
        all.isEmpty() ? 0 : 100.0 * keeps / all.size(),
        told(all, HaulDraws.Draw::coolant),
        told(all, HaulDraws.Draw::feed),
        told(all, HaulDraws.Draw::pan));
  }

  private static List<Double> told(
      List<HaulDraws.Draw> all, ToDoubleFunction<HaulDraws.Draw> what) {
    List<Double> told = new ArrayList<>();
    if (!all.isEmpty()) {
      Percentile percentile = new Percentile();
      percentile.setData(all.stream().mapToDouble(what).toArray());
      for (double p : TOLD) {
        told.add(percentile.evaluate(p));
      }
    }
    return told;
  }
}
