package roadbreeze.server.buying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import roadbreeze.core.route.Guard;
import roadbreeze.server.Jobs;
import roadbreeze.server.build.Hose.HoseGuard;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.Need;
import roadbreeze.server.parts.Prices;
import roadbreeze.server.parts.SupplyPart;
import roadbreeze.server.parts.SupplyPart.What;

class CutListTest {
  /** Steel by the kilogram, screws to M8. */
  private static final Prices PRICES =
      new Prices(
          List.of(
              new SupplyPart("S", "steel", What.STEEL, null, null, null, 4),
              new SupplyPart("M6", "screw", What.SCREW, 6.0, null, null, 0.3),
              new SupplyPart("M8", "screw", What.SCREW, 8.0, null, null, 0.5)),
          List.of(),
          List.of());

  private static final String FEED = "builds.plan-3.lines.hoses.hose-1";

  private static CutList of(JobContent job) {
    return CutList.of(Purchase.of(job, job.build(Jobs.PLAN)), PRICES);
  }

  private static Said small(CutList list, String code) {
    return said(list).stream()
        .filter(s -> s.code().equals("cutListed." + code))
        .findFirst()
        .orElseThrow();
  }

  private static List<Said> said(CutList list) {
    return list.small().stream().map(Prices.PricedLine::said).toList();
  }

  private static double value(Said said, String name) {
    return said.values().get(name).value();
  }

  @Test
  void theDemosListHoldsAllThatIsCutAndBought() {
    CutList list = of(Jobs.HIVE);
    assertThat(list.unknown()).isEmpty();
    assertThat(list.strip()).hasSize(1);
    assertThat(list.strip().get(0).lengths().stream().mapToInt(l -> l.pieces().size()).sum())
        .isEqualTo(4);
    CutList.StockLine hose = list.hose().get(0);
    assertThat(hose.code()).isEqualTo("HO-9");
    // 1078 and 1494 mm out of 2.6 m, at ten a metre.
    assertThat(hose.lengths().stream().mapToDouble(CutList.StockLength::mm).sum()).isEqualTo(2600);
    assertThat(hose.price()).isCloseTo(26, within(1e-9));
    assertThat(value(small(list, "clamps"), "count")).isEqualTo(4);
    assertThat(value(small(list, "elbows"), "count")).isEqualTo(4);
    // One adapter for each port of the truck's own, by its name.
    assertThat(said(list).stream().filter(s -> s.code().equals("cutListed.part"))).hasSize(2);
    assertThat(said(list)).noneMatch(s -> s.code().equals("cutListed.adapter"));
    assertThat(value(small(list, "screw"), "count")).isPositive();
    // A metre of 30 × 3 mm steel weighs 0.7065 kg.
    CutList.StockLine strip = list.strip().get(0);
    double metres = strip.lengths().stream().mapToDouble(CutList.StockLength::mm).sum() / 1000;
    double section = value(strip.what(), "width") * value(strip.what(), "thickness");
    assertThat(strip.price()).isCloseTo(metres * section * 7850 * 4, within(1e-9));
  }

  /** Two more ends in its hose, and ports of pipe thread. */
  @Test
  void aFilterBringsClampsAndWhatItsPortsAsk() {
    CutList list = of(Jobs.BUCKET);
    assertThat(said(list))
        .filteredOn(s -> s.code().equals("cutListed.part"))
        .extracting(s -> s.values().get("name").text())
        .contains("Spin-on head with magnet, 1/2 in");
    assertThat(value(small(list, "adapter"), "count")).isEqualTo(2);
    assertThat(value(small(list, "clamps"), "count")).isEqualTo(6);
  }

  /** The crossmember is 100 mm deep: what passes under it, its margin and 30 mm at both ends. */
  @Test
  void aSleeveIsAsLongAsWhatItGuards() {
    HoseGuard guard = new HoseGuard("guard-1", Guard.Kind.SLEEVE, "bar-lower");
    // Led 13 mm under it, of which the hose's own half takes 8.5.
    JobContent near = Jobs.with(Jobs.HIVE, FEED + ".bends.bend-1.upMm", -108);
    near = Jobs.with(near, FEED + ".bends.bend-2.upMm", -108);
    CutList list = of(Jobs.with(near, FEED + ".guards", List.of(guard)));
    assertThat(value(small(list, "sleeve"), "length")).isBetween(0.16, 0.26);
    assertThat(said(of(near))).noneMatch(s -> s.code().equals("cutListed.sleeve"));
  }

  @Test
  void hoseThatNobodyHasChosenIsAskedFor() {
    CutList list = of(Jobs.with(Jobs.HIVE, FEED + ".stock", null));
    assertThat(list.unknown()).hasSize(1);
    assertThat(list.hose().get(0).lengths().get(0).pieces()).hasSize(1);
    assertThat(Purchase.of(Jobs.HIVE, Jobs.HIVE.found()).hose()).isEmpty();
  }

  @Test
  void theSmallestThatServesIsPaidFor() {
    Need five = Need.of(CutListed.CLIPS.with(10, 0.005), What.SCREW, 5, 10);
    Need eight = Need.of(CutListed.CLIPS.with(10, 0.008), What.SCREW, 8, 10);
    Need ten = Need.of(CutListed.CLIPS.with(10, 0.010), What.SCREW, 10, 10);
    assertThat(PRICES.of(five)).hasValue(3);
    assertThat(PRICES.of(eight)).hasValue(5);
    assertThat(PRICES.of(ten)).isEmpty();
    // Four of the ten are on the truck; of another size none is.
    Need four = Need.of(CutListed.CLIPS.with(4, 0.005), What.SCREW, 5, 4);
    Prices.Sum sum = PRICES.beyond(List.of(five, eight, ten), List.of(four));
    assertThat(sum.price()).isCloseTo(6 * 0.3 + 5, within(1e-9));
    assertThat(sum.unpriced()).isEqualTo(1);
    assertThat(PRICES.beyond(List.of(five), List.of(five)).lines()).isZero();
  }
}
