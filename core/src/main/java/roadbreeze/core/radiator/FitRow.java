package roadbreeze.core.radiator;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/**
 * One thing about a radiator held against the truck.
 *
 * @param truck what this truck has or wants, empty where nobody has measured it
 * @param part what the radiator has, empty where its sheet says nothing
 * @param says what comes of it
 */
public record FitRow(
    What what, State state, Optional<Finding> truck, Optional<Finding> part, List<Finding> says) {
  public FitRow {
    says = List.copyOf(says);
  }

  /** What is looked at, in the order that a hand goes round it. */
  public enum What implements Code {
    WIDTH,
    HEIGHT,
    DEPTH,
    PINS,
    TOPS,
    UPPER_NECK,
    LOWER_NECK,
    CAP,
    DRAIN,
    OIL_PORTS,
    INSERT,
    FAN,
    CONNECTOR
  }

  /** How it stands. */
  public enum State {
    FITS,
    /** Something is made, bought or moved for it. */
    MAKE,
    /** It does not go in like this. */
    WRONG,
    /** A measure is missing; nothing is guessed. */
    ASK
  }

  /** A value as it is shown. */
  public enum Shown implements Code {
    SIZE("size SIZE"),
    TWO("apart SIZE", "other SIZE"),
    NECK("diameter SIZE", "across SIZE", "up SIZE"),
    THREAD("thread TEXT", "depth SIZE"),
    WORD("what WORD"),
    WORDS("several FINDINGS"),
    TEXT("text TEXT");

    private final List<Parameter> parameters;

    Shown(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }
}
