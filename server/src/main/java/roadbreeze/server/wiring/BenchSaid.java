package roadbreeze.server.wiring;

import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.wiring.Consumer;
import roadbreeze.core.wiring.Key;
import roadbreeze.core.wiring.Sign;
import roadbreeze.core.wiring.Situation;

/** What is said on the fault bench. */
enum BenchSaid implements Code {
  SIGN("of NAME", "what WORD", "where FINDING"),
  HOT,
  COLD,
  KEY_OUT,
  COLD_AIR,
  COLD_DRIVER;

  private final List<Parameter> parameters;

  BenchSaid(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  static Finding of(Sign sign, List<Consumer> consumers) {
    Name name =
        consumers.stream()
            .filter(c -> c.id().equals(sign.device()))
            .findFirst()
            .orElseThrow()
            .name();
    return SIGN.with(name, sign.what(), of(sign.in()));
  }

  /** One of the situations that a bench asks in. */
  static Finding of(Situation s) {
    if (s.key() == Key.OFF) {
      return KEY_OUT.with();
    } else if (s.airConditioning()) {
      return COLD_AIR.with();
    } else if (s.driver()) {
      return COLD_DRIVER.with();
    }
    return (s.coolant() > 50 || s.oil() > 50 ? HOT : COLD).with();
  }
}
