package roadbreeze.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.check.Ask.Answer;
import roadbreeze.core.check.Judgement.Verdict;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;

/** Readings as a workshop has them, on the worked truck: thermostat 90–99. */
class JudgementTest {
  private static final Setup TRUCK = WorkedCase.setup(true);
  private static final double KPA = 1e3;
  private static final double STAMP = TRUCK.truck().coolant().capPressure();
  private static final double LITRE = 1e-3;

  /** Numbers and answers, by turns an ask and what it was answered. */
  private static Judgement judged(Check check, Object... read) {
    return Judgement.of(check, answers(read), TRUCK, WorkedCase.CLIMB);
  }

  private static Answers answers(Object... read) {
    Map<Ask, List<Double>> numbers = new EnumMap<>(Ask.class);
    Map<Ask, Answer> choices = new EnumMap<>(Ask.class);
    for (int i = 0; i < read.length; i += 2) {
      Ask ask = (Ask) read[i];
      if (read[i + 1] instanceof Answer answer) {
        choices.put(ask, answer);
      } else if (read[i + 1] instanceof Number number) {
        numbers.put(ask, List.of(number.doubleValue()));
      } else {
        numbers.put(ask, ((List<?>) read[i + 1]).stream().map(v -> (Double) v).toList());
      }
    }
    return new Answers(numbers, choices);
  }

  private static Fault.At only(Judgement j) {
    assertThat(j.verdict()).isEqualTo(Verdict.FAIL);
    assertThat(j.found()).hasSize(1);
    return j.found().get(0);
  }

  private static void finds(Judgement j, Fault fault, double amount) {
    assertThat(only(j).fault()).isEqualTo(fault);
    assertThat(only(j).amount()).isCloseTo(amount, within(1e-9));
  }

  @Test
  void aThermostatInAPanOpensWithinTwoKelvinOfItsStampAndShutsAgain() {
    assertThat(judged(Check.THERMOSTAT_IN_PAN, Ask.PAN_START, 91.9).verdict())
        .isEqualTo(Verdict.PASS);
    finds(
        judged(Check.THERMOSTAT_IN_PAN, Ask.PAN_START, 98.0, Ask.PAN_FULL, 107.0),
        Fault.THERMOSTAT_LATE,
        8);
    // Early is late by less than nothing: the engine runs cold.
    finds(judged(Check.THERMOSTAT_IN_PAN, Ask.PAN_START, 84.0), Fault.THERMOSTAT_LATE, -6);
    assertThat(only(judged(Check.THERMOSTAT_IN_PAN, Ask.PAN_CLOSES, Answer.NO)).fault())
        .isEqualTo(Fault.THERMOSTAT_OPEN);
    assertThat(judged(Check.THERMOSTAT_IN_PAN, Ask.PAN_START, 95.0, Ask.PAN_FULL, 94.0).verdict())
        .isEqualTo(Verdict.CONTRADICTS);
  }

  @Test
  void aSteadyTemperatureOnACoolDayJudgesAThermostatWithoutAStamp() {
    OperatingPoint cool = new OperatingPoint(0, 70 / 3.6, 8, 600, false);
    for (double late : new double[] {-7, 0, 12}) {
      Setup worn = Fault.THERMOSTAT_LATE.on(Fault.healed(TRUCK), late);
      double rests = Seen.of(worn, Factors.NOMINAL, List.of(cool)).get(0).coolant();
      Judgement j =
          judged(
              Check.COOL_DAY, Ask.STEADY_COOLANT, rests, Ask.DAY_AIR, 8, Ask.DAY_SPEED, 70 / 3.6);
      if (late == 0) {
        assertThat(j.verdict()).isEqualTo(Verdict.PASS);
      } else {
        assertThat(only(j).amount()).isCloseTo(late, within(1.0));
      }
    }
    Setup open = Fault.THERMOSTAT_OPEN.on(Fault.healed(TRUCK), Double.NaN);
    double cold = Seen.of(open, Factors.NOMINAL, List.of(cool)).get(0).coolant();
    assertThat(
            only(judged(
                    Check.COOL_DAY,
                    Ask.STEADY_COOLANT,
                    cold + 3,
                    Ask.DAY_AIR,
                    8,
                    Ask.DAY_SPEED,
                    70 / 3.6))
                .fault())
        .isEqualTo(Fault.THERMOSTAT_OPEN);
  }

  @Test
  void aMixIsSaidToFreezeWhereTheTableKnowsItAndToBeWeakWhereItDoesNot() {
    Judgement strong = judged(Check.COOLANT, Ask.STRENGTH, 0.578);
    assertThat(strong.verdict()).isEqualTo(Verdict.PASS);
    assertThat(strong.says().get(0).amount("freezes")).isCloseTo(-48.3, within(1e-9));
    for (double weak : new double[] {0, 0.2}) {
      Judgement j = judged(Check.COOLANT, Ask.STRENGTH, weak);
      assertThat(j.says().get(0).code()).isEqualTo(Says.STRENGTH_WEAK);
      assertThat(j.says().get(0).amount("least")).isCloseTo(-14.1, within(1e-9));
    }
  }

  @Test
  void capsAndLoopsHoldTheirPressureOrNot() {
    assertThat(judged(Check.CAP, Ask.CAP_HELD, 0.92 * STAMP).verdict()).isEqualTo(Verdict.PASS);
    Judgement weak = judged(Check.CAP, Ask.CAP_HELD, 0.4 * STAMP);
    finds(weak, Fault.CAP_WEAK, 0.4);
    assertThat(weak.says().get(0).amount("boils"))
        .isCloseTo(TRUCK.truck().coolant().fluid().boilingPoint(0.4 * STAMP, 600), within(1e-9));
    assertThat(judged(Check.SYSTEM_PRESSURE, Ask.PRESSURE_LOST, 5 * KPA).verdict())
        .isEqualTo(Verdict.PASS);
    Judgement leaks =
        judged(Check.SYSTEM_PRESSURE, Ask.PUMPED_TO, 1.2 * STAMP, Ask.PRESSURE_LOST, 6 * KPA);
    assertThat(only(leaks).fault()).isEqualTo(Fault.LEAK);
    assertThat(leaks.says())
        .extracting(f -> f.code())
        .containsExactly(Says.PUMPED_TOO_HIGH, Says.PRESSURE_FELL, Says.LEAK_UNSEEN);
    // A place that weeps is a leak before ten minutes are over; nothing seen says nothing yet.
    List<Double> nowhere = Collections.nCopies(10, 0.0);
    List<Double> lowerHose = new ArrayList<>(nowhere);
    lowerHose.set(5, 1.0);
    Judgement weeps = judged(Check.SYSTEM_PRESSURE, Ask.LEAKS_AT, lowerHose);
    assertThat(only(weeps).fault()).isEqualTo(Fault.LEAK);
    assertThat(weeps.says()).isEmpty();
    assertThat(judged(Check.SYSTEM_PRESSURE, Ask.LEAKS_AT, nowhere).verdict())
        .isEqualTo(Verdict.OPEN);
  }

  @Test
  void anElectricFanThatDrawsTooLittleTurnsAsSlowlyAsItsTorqueSays() {
    // 49 % of the current is 70 % of the speed.
    finds(
        judged(
            Check.FAN_FED,
            Ask.FED_TURNS,
            Answer.YES,
            Ask.FED_CURRENT,
            11.76,
            Ask.PLATE_CURRENT,
            24),
        Fault.FAN_WEAK,
        0.7);
    assertThat(
            judged(
                    Check.FAN_FED,
                    Ask.FED_TURNS,
                    Answer.YES,
                    Ask.FED_CURRENT,
                    20.5,
                    Ask.PLATE_CURRENT,
                    24)
                .verdict())
        .isEqualTo(Verdict.PASS);
    assertThat(only(judged(Check.FAN_FED, Ask.FED_TURNS, Answer.NO)).fault())
        .isEqualTo(Fault.FAN_MOTOR_DEAD);
    assertThat(
            only(judged(
                    Check.RELAY_BRIDGED,
                    Ask.BRIDGED_TURNS,
                    Answer.YES,
                    Ask.COMES_ITSELF,
                    Answer.NO))
                .fault())
        .isEqualTo(Fault.FAN_NOT_FED);
  }

  @Test
  void aColdSensorReadsTheAirAndFahrenheitIsNoSensorFault() {
    finds(judged(Check.SENSOR, Ask.SENSOR_READS, 2.0, Ask.AIR_READS, 14.0), Fault.SENSOR_LOW, 12);
    // 53 °F is 11.7 °C, which is what the sensor says.
    Judgement mistyped = judged(Check.SENSOR, Ask.SENSOR_READS, 11.0, Ask.AIR_READS, 53.0);
    assertThat(mistyped.verdict()).isEqualTo(Verdict.CONTRADICTS);
    assertThat(mistyped.says().get(0).code()).isEqualTo(Says.LOOKS_FAHRENHEIT);
    assertThat(mistyped.says().get(0).amount("instead")).isCloseTo(11.67, within(0.01));
  }

  @Test
  void theReturnIsTheLineNearerTheTankAndOnlyWhereTheReadingsTell() {
    assertThat(
            judged(
                    Check.RETURN_LINE,
                    Ask.PORT_ONE,
                    71.0,
                    Ask.PORT_TWO,
                    62.0,
                    Ask.TANK_BETWEEN,
                    73.0)
                .says()
                .get(0)
                .code())
        .isEqualTo(Says.RETURN_IS_FIRST);
    assertThat(
            judged(
                    Check.RETURN_LINE,
                    Ask.PORT_ONE,
                    71.0,
                    Ask.PORT_TWO,
                    69.0,
                    Ask.TANK_BETWEEN,
                    80.0)
                .says()
                .get(0)
                .code())
        .isEqualTo(Says.RETURN_NOT_TOLD);
  }

  @Test
  void theGearboxsBypassIsJudgedByWherePanAndLineStand() {
    Truck.OilSide o = TRUCK.truck().oil();
    Bypass own = Bypass.byTemperature(70, 85);
    Setup with =
        new Setup(
            TRUCK
                .truck()
                .withOil(
                    new Truck.OilSide(
                        o.fluid(), o.flow(), o.caseConductance(), o.tankConductance(), own)),
            TRUCK.fitting());
    java.util.function.BiFunction<Answer, Double, Judgement> read =
        (hot, pan) ->
            Judgement.of(
                Check.GEARBOX_BYPASS,
                answers(Ask.LINE_HOT, hot, Ask.PAN_THEN, pan),
                with,
                WorkedCase.CLIMB);
    assertThat(read.apply(Answer.YES, 78.0).verdict()).isEqualTo(Verdict.PASS);
    assertThat(only(read.apply(Answer.YES, 40.0)).fault()).isEqualTo(Fault.GEARBOX_BYPASS_OPEN);
    assertThat(only(read.apply(Answer.NO, 100.0)).fault()).isEqualTo(Fault.GEARBOX_BYPASS_SHUT);
    assertThat(read.apply(Answer.NO, 80.0).says().get(0).code()).isEqualTo(Says.BYPASS_TOO_SOON);
  }

  @Test
  void zonesCountAsTheyLieOnTheFaceAndOilAsItIsCaught() {
    finds(
        judged(
            Check.RADIATOR_FACE, Ask.BLOCKED, List.of(0.0, 0.0, 0.9, 0.0, 0.9, 0.0, 0.9, 0.0, 0.0)),
        Fault.RADIATOR_FINS,
        0.3);
    // 10 L/min at 1500 rpm and over: 4.67 at 700 rpm, of which half is caught.
    Fault.At low = only(judged(Check.OIL_CAUGHT, Ask.CAUGHT, 0.5833 * LITRE, Ask.CAUGHT_IN, 15));
    assertThat(low.amount()).isCloseTo(0.5, within(0.001));
  }

  @Test
  void whatIsDangerousStopsTheWork() {
    Map<Stop, Judgement> stops =
        Map.of(
            Stop.OIL_IN_COOLANT,
            judged(Check.COOLANT, Ask.COOLANT_LOOKS, Answer.OILY),
            Stop.COOLANT_IN_OIL,
            judged(Check.OIL, Ask.OIL_LOOKS, Answer.MILKY),
            Stop.COMBUSTION_GAS,
            judged(Check.COMBUSTION, Ask.TESTER_TURNED, Answer.YES),
            Stop.FAN_CRACKED,
            judged(Check.FIRST_LOOK, Ask.FAN_CRACKED, Answer.YES),
            Stop.BRAKES_SOFT,
            judged(Check.FIRST_LOOK, Ask.BRAKES_SOFT, Answer.YES, Ask.FAN_CRACKED, Answer.YES),
            Stop.BEARING_LOOSE,
            judged(Check.CLUTCH, Ask.CLUTCH_PLAY, 0.006));
    stops.forEach(
        (stop, j) -> {
          assertThat(j.stops()).contains(stop);
          assertThat(j.verdict()).isEqualTo(Verdict.FAIL);
        });
    assertThat(judged(Check.CLUTCH, Ask.CLUTCH_PLAY, 0.004).stops()).isEmpty();
  }

  @Test
  void rolledPaperIsTakenWithItsWarningAndAskedOfNobody() {
    Judgement j = judged(Check.CLUTCH, Ask.PAPER, Answer.STOPPED_IT);
    assertThat(only(j).fault()).isEqualTo(Fault.CLUTCH_SLIPS);
    assertThat(j.says().get(0).code()).isEqualTo(Says.PAPER_IS_DANGEROUS);
  }

  @ParameterizedTest
  @EnumSource(Check.class)
  void nothingReadIsNoVerdict(Check check) {
    assertThat(judged(check).verdict()).isEqualTo(Verdict.OPEN);
  }

  @Test
  void numbersThatCannotBeAreRefused() {
    assertThatThrownBy(() -> answers(Ask.PAN_START, 300)).isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> answers(Ask.PAN_START, Double.NaN))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> answers(Ask.PAN_CLOSES, Answer.OILY))
        .isInstanceOf(BadInputException.class);
    assertThatThrownBy(() -> answers(Ask.BLOCKED, 0.2)).isInstanceOf(BadInputException.class);
    assertThat(answers(Ask.PAN_START, 88).number(Ask.PAN_START)).isEqualTo(OptionalDouble.of(88));
  }
}
