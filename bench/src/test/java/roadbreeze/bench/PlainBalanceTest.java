package roadbreeze.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.RichCase;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Stack;

/** The fast solver and the plain one, written apart, agree over the map. */
class PlainBalanceTest {
  @ParameterizedTest
  @CsvSource({
    "0, 15, 75",
    "0.03, 28, 75",
    "0.06, 38, 75",
    "0.09, 45, 75",
    "0.12, 50, 60",
    "0, -20, 60"
  })
  void agree(double grade, double ambient, double kmh) {
    OperatingPoint point = new OperatingPoint(grade, kmh / 3.6, ambient, 600, true);
    for (boolean cooler : new boolean[] {false, true}) {
      Rig rig = WorkedCase.rig(cooler);
      Balance fast = new SteadyBalance(rig).solve(point);
      PlainBalance.Result plain = PlainBalance.solve(rig, point);
      assertThat(fast.coolant()).isCloseTo(plain.coolant(), within(1e-3));
      assertThat(fast.sump()).isCloseTo(plain.sump(), within(1e-3));
    }
  }

  @Test
  void agreeOnTheAirOfManyFans() {
    Stack stack = Assembly.rig(RichCase.setup()).stack();
    Air air = Air.at(38, 600);
    for (double kmh : new double[] {0, 20, 75}) {
      double[] speeds = {1.2, 1, 0.7, 0};
      double[] plain = PlainAir.pressures(stack, air, kmh / 3.6, speeds);
      double[] fast = AirFlow.cold(stack, air, kmh / 3.6, speeds).fanPressure();
      assertThat(fast).as("%s km/h", kmh).containsExactly(plain, within(1e-3));
    }
  }
}
