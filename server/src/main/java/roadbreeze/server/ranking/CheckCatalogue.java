package roadbreeze.server.ranking;

import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import roadbreeze.core.check.Ask;
import roadbreeze.core.check.Check;
import roadbreeze.core.check.Fault;
import roadbreeze.core.check.Symptom;
import roadbreeze.server.message.Units;
import roadbreeze.server.yard.FaultWeights;

/**
 * Everything that can be complained of, checked and found; a screen asks for it once.
 *
 * @param shipped how often each fault is met, as it ships
 */
record CheckCatalogue(
    List<Symptom> symptoms, List<CheckRow> checks, List<Fault> faults, FaultWeights shipped) {

  /** A check and what it asks. */
  record CheckRow(Check check, double minutes, Check.Risk risk, List<AskRow> asks) {}

  /**
   * One thing that is read.
   *
   * @param kind of its number, null where it takes an answer
   * @param low in the unit of the API's fields
   * @param count how many numbers; nine are a grid
   * @param answers the usual one first
   */
  record AskRow(
      Ask ask,
      @Nullable String kind,
      @Nullable Double low,
      @Nullable Double high,
      int count,
      List<Ask.Answer> answers) {
    private static AskRow of(Ask ask) {
      return ask.kind() == null
          ? new AskRow(ask, null, null, null, 0, ask.answers())
          : new AskRow(
              ask,
              ask.kind().key(),
              Units.field(ask.kind()).fromSi(ask.low()),
              Units.field(ask.kind()).fromSi(ask.high()),
              ask.count(),
              List.of());
    }
  }

  static CheckCatalogue all() {
    return new CheckCatalogue(
        List.of(Symptom.values()),
        Arrays.stream(Check.values())
            .map(
                c ->
                    new CheckRow(
                        c, c.minutes(), c.risk(), c.asks().stream().map(AskRow::of).toList()))
            .toList(),
        List.of(Fault.values()),
        FaultWeights.SHIPPED);
  }
}
