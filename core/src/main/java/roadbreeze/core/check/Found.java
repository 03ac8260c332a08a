package roadbreeze.core.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Finding;

/** Gathers what a rule finds. */
final class Found {
  private final List<Finding> says = new ArrayList<>();
  private final List<Fault.At> faults = new ArrayList<>();
  private boolean contradicts;

  /** What was read cannot be. */
  void contradict() {
    contradicts = true;
  }

  void says(Says what, Object... values) {
    says.add(what.with(values));
  }

  void fault(Fault fault, double amount) {
    faults.add(new Fault.At(fault, amount));
  }

  void fault(Fault fault) {
    fault(fault, Double.NaN);
  }

  Judgement judgement(Optional<Stop> stop) {
    if (contradicts) {
      return new Judgement(Judgement.Verdict.CONTRADICTS, says, List.of(), Optional.empty());
    }
    boolean fails = !faults.isEmpty() || stop.isPresent();
    if (!fails && says.isEmpty()) {
      says.add(Says.PASSES.with());
    }
    return new Judgement(
        fails ? Judgement.Verdict.FAIL : Judgement.Verdict.PASS,
        List.copyOf(says),
        List.copyOf(faults),
        stop);
  }
}
