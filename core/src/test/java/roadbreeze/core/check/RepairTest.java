package roadbreeze.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.check.Repair.Plan;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.sizing.Margin;
import roadbreeze.core.sizing.Margins;

class RepairTest {
  /** Coolant and pan with so much headroom as computed, and 5 K less of it in nine of ten. */
  private static Optional<Margins> left(double coolant, double pan) {
    return Optional.of(
        new Margins(
            Margin.sure(112 - coolant, 112, coolant - 5),
            Margin.sure(90, 150, 50),
            Margin.sure(107 - pan, 107, pan - 5)));
  }

  private static Plan plan(String name, Optional<Margins> margins, double price) {
    return new Plan(name, margins, price, 3600);
  }

  private static List<Finding> of(
      Optional<Margins> found, Optional<Margins> restored, Plan... plans) {
    return Repair.of(found, plan("Restored", restored, 0), List.of(plans));
  }

  private static List<Code> codes(List<Finding> says) {
    return says.stream().map(Finding::code).toList();
  }

  @Test
  void whatRepairAloneHoldsComesFirstWithWhatAPlanWouldAdd() {
    List<Finding> says = of(left(-3, 20), left(8, 20), plan("A", left(14, 20), 300));
    assertThat(codes(says))
        .containsExactly(Repair.COSTS, Repair.RESTORE_FIRST, Repair.NEED_NOT_BUY);
    assertThat(says.get(0).amount("cost")).isCloseTo(11, within(1e-9));
    assertThat(says.get(1).amount("left")).isCloseTo(8, within(1e-9));
    assertThat(says.get(2).amount("more")).isCloseTo(6, within(1e-9));
  }

  @Test
  void theCheapestPlanThatHoldsBuysTheRest() {
    Plan dear = plan("dear", left(20, 20), 500);
    Plan cheap = plan("cheap", left(7, 9), 200);
    Plan poor = plan("poor", left(3, 9), 50); // not in nine of ten
    Plan stuck = plan("stuck", Optional.empty(), 10);
    List<Finding> says = of(left(-9, 3), left(2, 3), dear, poor, cheap, stuck);
    assertThat(codes(says))
        .containsExactly(Repair.COSTS, Repair.RESTORED_MARGINAL, Repair.PLAN_BUYS_THE_REST);
    assertThat(says.get(2).amount("price")).isEqualTo(200);
    assertThat(says.get(2).amount("left")).isCloseTo(7, within(1e-9));
  }

  @Test
  void whereNoPlanHoldsTheNearestIsNamedIfItIsNearerThanRepairAlone() {
    Plan near = plan("near", left(4, 9), 200);
    List<Finding> says = of(left(-9, 9), left(-2, 9), plan("far", left(1, 9), 100), near);
    assertThat(codes(says))
        .containsExactly(
            Repair.COSTS, Repair.RESTORED_FALLS_SHORT, Repair.NO_PLAN_HOLDS, Repair.COMES_NEAREST);
    assertThat(says.get(3).amount("price")).isEqualTo(200);
    assertThat(codes(of(left(-9, 9), left(-2, 9), plan("none", left(-2, 9), 100))))
        .endsWith(Repair.NO_PLAN_HOLDS);
  }

  @Test
  void aTruckThatDoesNotDriveThereIsToldSo() {
    assertThat(codes(of(Optional.empty(), left(8, 20)))).startsWith(Repair.CLIMBS_NO_MORE);
    assertThat(codes(of(left(8, 20), Optional.empty())))
        .containsExactly(Repair.RESTORED_CLIMBS_NO_MORE);
    assertThat(codes(of(left(8, 20), left(8, 20)))).startsWith(Repair.NOTHING_WRONG_YET);
  }
}
