package roadbreeze.server.estimate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Changes;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.line.LineResult;
import roadbreeze.server.order.Labour;
import roadbreeze.server.order.Tasks;
import roadbreeze.server.sheet.PartsList;
import roadbreeze.server.wiring.Guards;
import roadbreeze.server.yard.Yard;

/**
 * What the work on one build costs, in the yard's money.
 *
 * @param parts with their prices, where the shelf has one
 * @param unpriced parts without a price
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
   * Work of one family of tasks.
   *
   * @param tasks each with its own minutes
   */
  record LabourPriced(String family, int minutes, double price, List<Labour> tasks) {}

  static Estimate of(JobContent job, Build build, Tasks tasks, Yard yard) {
    Changes changes = new Changes(build, job.found());
    PartsList list =
        PartsList.of(
            changes,
            changes.scope().parts(),
            LineResult.of(job, build),
            job.rig(),
            Guards.of(job, build));
    List<PartsList.PartLine> parts = list.lines();
    double partsPrice = 0;
    int unpriced = 0;
    for (PartsList.PartLine p : parts) {
      partsPrice += p.price() == null ? 0 : p.price();
      unpriced += p.price() == null ? 1 : 0;
    }
    Map<String, List<Labour>> families = new TreeMap<>();
    for (Labour l : Labour.of(job, build, tasks)) {
      if (l.minutes() > 0) {
        families.computeIfAbsent(l.family(), f -> new ArrayList<>()).add(l);
      }
    }
    List<LabourPriced> labour = new ArrayList<>();
    families.forEach(
        (family, of) -> {
          int minutes = of.stream().mapToInt(Labour::minutes).sum();
          double price = cents(minutes / 60.0 * yard.hourlyRate());
          labour.add(new LabourPriced(family, minutes, price, of));
        });
    int all = labour.stream().mapToInt(LabourPriced::minutes).sum();
    double labourPrice = cents(labour.stream().mapToDouble(LabourPriced::price).sum());
    double consumables = cents(partsPrice * yard.consumablesPercent() / 100);
    double net = cents(partsPrice + labourPrice + consumables);
    double tax = cents(net * yard.taxPercent() / 100);
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

  private static double cents(double money) {
    return Math.round(money * 100) / 100.0;
  }
}
