package roadbreeze.server.estimate;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * What each build of a job costs, in the yard's money; the truck as found costs nothing and is left
 * out.
 *
 * @param rate for an hour of labour
 */
record EstimateResult(
    String currency,
    double rate,
    double taxPercent,
    double consumablesPercent,
    List<BuildEstimate> builds) {

  /**
   * One build.
   *
   * @param beyondRepair what it costs more than repair alone, null where there is no repair, or it
   *     is that
   */
  record BuildEstimate(
      String build,
      String name,
      List<EstimateLine> parts,
      int unpriced,
      double partsPrice,
      List<Estimate.LabourPriced> labour,
      int minutes,
      double labourPrice,
      double consumables,
      double net,
      double tax,
      double total,
      @Nullable Double beyondRepair) {}

  /** A part; its price is null where the shelf has none. */
  record EstimateLine(Said said, @Nullable Double price) {}

  static EstimateResult of(JobContent job, Estimate.Rates rates) {
    List<Estimate> all =
        job.builds().stream()
            .filter(b -> b.kind() != Build.Kind.AS_FOUND)
            .map(b -> Estimate.of(job, b, rates))
            .toList();
    Double repair =
        all.stream()
            .filter(e -> e.build().kind() == Build.Kind.RESTORED)
            .map(Estimate::total)
            .findFirst()
            .orElse(null);
    return new EstimateResult(
        rates.yard().currency(),
        rates.yard().hourlyRate(),
        rates.yard().taxPercent(),
        rates.yard().consumablesPercent(),
        all.stream().map(e -> of(e, repair)).toList());
  }

  private static BuildEstimate of(Estimate e, @Nullable Double repair) {
    boolean plan = repair != null && e.build().kind() == Build.Kind.PLAN;
    return new BuildEstimate(
        e.build().id(),
        e.build().name(),
        e.parts().stream().map(p -> new EstimateLine(Said.of(p.said()), p.price())).toList(),
        e.unpriced(),
        e.partsPrice(),
        e.labour(),
        e.minutes(),
        e.labourPrice(),
        e.consumables(),
        e.net(),
        e.tax(),
        e.total(),
        plan ? Double.valueOf(Math.round((e.total() - repair) * 100) / 100.0) : null);
  }
}
