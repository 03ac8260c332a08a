package roadbreeze.core.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.stack.Stack;

class ReachTest {
  private static final double COOLANT_LIMIT = 112;

  private static boolean holds(Rig rig, double mass) {
    return Reach.holds(rig.withMass(mass), WorkedCase.CLIMB, Limits.DEFAULT, COOLANT_LIMIT);
  }

  @Test
  void findsTheEdgeToTheResolutionFromTheGoodSide() {
    double edge = Reach.most(0, 10, 1e-3, x -> x <= Math.PI);
    assertThat(edge).isLessThanOrEqualTo(Math.PI).isCloseTo(Math.PI, within(1e-3));
    assertThat(Reach.most(0, 10, 1e-3, x -> true)).isEqualTo(10);
    assertThat(Reach.most(0, 10, 1e-3, x -> false)).isNaN();
    assertThat(Reach.most(5, 4, 1e-3, x -> true)).isNaN();
    assertThat(Reach.most(5, 5, 1e-3, x -> true)).isEqualTo(5);
  }

  @Test
  void theMassThatHoldsStandsAtItsFirstLimit() {
    Rig rig = WorkedCase.rig(true);
    double most = Reach.most(3000, 40_000, 1, mass -> holds(rig, mass));
    Balance there = new SteadyBalance(rig.withMass(most)).solve(WorkedCase.CLIMB);
    assertThat(there.coolant()).isCloseTo(COOLANT_LIMIT, within(0.05));
    assertThat(there.sump()).isLessThan(Limits.DEFAULT.pan());
    assertThat(holds(rig, most + 2)).isFalse();
    // Without its cooler the pan is first, and at much less.
    Rig bare = WorkedCase.rig(false);
    double less = Reach.most(3000, 40_000, 1, mass -> holds(bare, mass));
    assertThat(new SteadyBalance(bare.withMass(less)).solve(WorkedCase.CLIMB).sump())
        .isCloseTo(Limits.DEFAULT.pan(), within(0.05));
    assertThat(less).isLessThan(most - 300);
  }

  @Test
  void whatHasNoSteadyStateDoesNotHold() {
    Stack still =
        new Stack(WorkedCase.stack(false).layers(), WorkedCase.stack(false).fans(), 0, 0.15);
    Rig dead = WorkedCase.rig(still, WorkedCase.stages(false), 0, new Thermostat(90, 99));
    assertThat(Reach.holds(dead, WorkedCase.CLIMB, Limits.DEFAULT, COOLANT_LIMIT)).isFalse();
    // A mass that no gear moves up here.
    assertThat(holds(WorkedCase.rig(true), 60_000)).isFalse();
  }
}
