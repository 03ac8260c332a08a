package roadbreeze.core.circuit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import roadbreeze.core.WorkedCase;

/** Flows at a state are the steady balance's own: integrated for an hour they land on it. */
class HeatExchangeTest {
  private static final double ENGINE_CAPACITY = 110e3;
  private static final double OUTLET_CAPACITY = 20e3;
  private static final double OIL_CAPACITY = 45e3;
  private static final double STEP = 0.25;

  /** With the thermostat where the coolant has it at rest. */
  private static HeatExchange.State state(double coolant, double outlet, double sump) {
    double opening = WorkedCase.rig(true).coolantLoop().thermostat().opening(coolant);
    return new HeatExchange.State(coolant, outlet, sump, opening);
  }

  @ParameterizedTest
  @CsvSource({"true, 0.06, 75", "false, 0.06, 75", "true, 0.09, 40", "true, 0, 60"})
  void anHourOfOneClimbLandsOnTheSteadyBalance(boolean cooled, double grade, double kmh) {
    Rig rig = WorkedCase.rig(cooled);
    OperatingPoint point = new OperatingPoint(grade, kmh / 3.6, 38, 600, true);
    Balance steady = new SteadyBalance(rig).solve(point);
    HeatExchange exchange = HeatExchange.of(rig, Factors.NOMINAL, point, steady.fanEngagement());
    double coolant = 60;
    double outlet = 50;
    double sump = 50;
    for (double time = 0; time < 3600; time += STEP) {
      HeatExchange.Flows q = exchange.at(state(coolant, outlet, sump));
      double flow = q.coolantCapacity() * (coolant - outlet);
      coolant += STEP * (q.engine() - q.heater() - flow) / ENGINE_CAPACITY;
      outlet += STEP * (flow - q.core() + q.tank() - q.standing()) / OUTLET_CAPACITY;
      sump += STEP * (q.oilInput() - q.tank() - q.coolers() - q.gearboxCase()) / OIL_CAPACITY;
    }
    assertThat(coolant).isCloseTo(steady.coolant(), within(0.01));
    assertThat(sump).isCloseTo(steady.sump(), within(0.01));
    HeatExchange.Flows last = exchange.at(state(coolant, outlet, sump));
    assertThat(last.feed()).isCloseTo(steady.feed(), within(0.01));
  }

  @ParameterizedTest
  @CsvSource({"95, 80, 90", "120, 110, 70"})
  void askedTwiceTheAnswerIsTheSame(double coolant, double outlet, double sump) {
    HeatExchange exchange =
        HeatExchange.of(WorkedCase.rig(true), Factors.NOMINAL, WorkedCase.CLIMB, 1);
    HeatExchange.State state = state(coolant, outlet, sump);
    HeatExchange.Flows first = exchange.at(state);
    exchange.at(state(40, 30, 140));
    HeatExchange.Flows again = exchange.at(state);
    assertThat(again.core()).isCloseTo(first.core(), within(1e-4));
    assertThat(again.tank()).isCloseTo(first.tank(), within(1e-4));
    assertThat(again.coolers()).isCloseTo(first.coolers(), within(1e-4));
    assertThat(again.feed()).isCloseTo(first.feed(), within(1e-6));
  }
}
