package roadbreeze.core.wiring;

/** When a contact is closed, or a line live. */
public sealed interface When {
  boolean in(Situation s);

  /** By key and switches alone. */
  enum Asked implements When {
    KEY_ON,
    /** The air conditioning is asked for. */
    REQUEST,
    /** Its compressor runs: asked for, and the engine turns it. */
    COMPRESSOR,
    DRIVER;

    @Override
    public boolean in(Situation s) {
      return switch (this) {
        case KEY_ON -> s.key().on();
        case REQUEST -> s.key().on() && s.airConditioning();
        case COMPRESSOR -> s.key().engineRuns() && s.airConditioning();
        case DRIVER -> s.driver();
      };
    }
  }

  /**
   * From a temperature on, rising.
   *
   * @param from °C
   */
  record Warmer(Felt felt, double from) implements When {
    @Override
    public boolean in(Situation s) {
      return s.of(felt) >= from;
    }
  }

  /** Both hold. */
  record Both(When one, When other) implements When {
    @Override
    public boolean in(Situation s) {
      return one.in(s) && other.in(s);
    }
  }
}
