package roadbreeze.core.log;

import roadbreeze.core.explain.Code;

/**
 * Something of a log that is not to be believed, or is not there. What is marked stays in the log;
 * it is left out where something is reckoned.
 *
 * @param column of the log, from 0; -1 where all are meant
 * @param from s since the log began
 * @param to the same
 */
public record LogMark(What what, int column, double from, double to) {
  /** What is wrong. */
  public enum What implements Code {
    /** Nothing was recorded. */
    GAP,
    /** Up and back within two readings. */
    SPIKE,
    /** One number for too long. */
    STUCK,
    /** No truck has that. */
    IMPOSSIBLE
  }
}
