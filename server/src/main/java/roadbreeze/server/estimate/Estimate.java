package roadbreeze.server.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiFunction;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.buying.Purchase;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.order.Labour;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.parts.Need;
import roadbreeze.server.parts.Prices;
import roadbreeze.server.sheet.Listed;
import roadbreeze.server.sheet.PartsList;
import roadbreeze.server.wiring.Guards;
import roadbreeze.server.wiring.LoomNeeds;
import roadbreeze.server.yard.Yard;

/**
 * What the work on one build costs, in the yard's money.
 *
 * @param parts with their prices, where the shelf has one
 * @param unpriced parts without a price, small ones too
 * @param labour by family of tasks
 * @param minutes of hands
 * @param consumables a share of the parts
 * @param net before tax
 */
record Estimate(
    Build build,
    List<PartsList.PartLine> parts,
    int unpriced,
    double partsPrice,
    List<LabourPriced> labour,
    int minutes,
    double labourPrice,
    double consumables,
    double net,
    double tax,
    double total) {

  /**
   * By what it is reckoned.
   *
   * @param prices of what is small
   */
  record Rates(Tasks tasks, Yard yard, Prices prices) {
    /** What a build needs over the truck as it was found. */
    private Prices.Sum beyond(
        JobContent job, Build build, BiFunction<JobContent, Build, List<Need>> needs) {
      return prices.beyond(needs.apply(job, build), needs.apply(job, job.found()));
    }
  }

  /**
   * Work of one family of tasks.
   *
   * @param tasks each with its own minutes
   */
  record LabourPriced(String family, int minutes, double price, List<Labour> tasks) {}

  static Estimate of(JobContent job, Build build, Rates rates) {
    Changes changes = new Changes(build, job.found());
    PartsList list =
        PartsList.of(
            changes,
            changes.scope().parts(),
            LineResult.of(job, build),
            job.rig(),
            Guards.of(job, build));
    List<PartsList.PartLine> parts = new ArrayList<>(list.lines());
    Prices.Sum small = rates.beyond(job, build, (j, b) -> Purchase.of(j, b).besideHose());
    Prices.Sum loom = rates.beyond(job, build, LoomNeeds::of);
    together(Listed.SMALL_PARTS, small, parts);
    together(Listed.LOOM, loom, parts);
    double partsPrice = 0;
    int unpriced = small.unpriced() + loom.unpriced();
    for (PartsList.PartLine p : parts) {
      partsPrice += p.price() == null ? 0 : p.price();
      unpriced += p.price() == null ? 1 : 0;
    }
    Map<String, List<Labour>> families = new TreeMap<>();
    for (Labour l : Labour.of(job, build, rates.tasks())) {
      if (l.minutes() > 0) {
        families.computeIfAbsent(l.family(), f -> new ArrayList<>()).add(l);
      }
    }
    List<LabourPriced> labour = new ArrayList<>();
    families.forEach(
        (family, of) -> {
          int minutes = of.stream().mapToInt(Labour::minutes).sum();
          double price = cents(minutes / 60.0 * rates.yard().hourlyRate());
          labour.add(new LabourPriced(family, minutes, price, of));
        });
    int all = labour.stream().mapToInt(LabourPriced::minutes).sum();
    double labourPrice = cents(labour.stream().mapToDouble(LabourPriced::price).sum());
    double consumables = cents(partsPrice * rates.yard().consumablesPercent() / 100);
    double net = cents(partsPrice + labourPrice + consumables);
    double tax = cents(net * rates.yard().taxPercent() / 100);
    return new Estimate(
        build,
        parts,
        unpriced,
        cents(partsPrice),
        labour,
        all,
        labourPrice,
        consumables,
        net,
        tax,
        cents(net + tax));
  }

  private static void together(Listed says, Prices.Sum sum, List<PartsList.PartLine> parts) {
    if (sum.lines() > 0) {
      parts.add(new PartsList.PartLine(says.with(sum.lines()), cents(sum.price())));
    }
  }

  private static double cents(double money) {
    return Math.round(money * 100) / 100.0;
  }
}
