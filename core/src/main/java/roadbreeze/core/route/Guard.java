package roadbreeze.core.route;

/**
 * What keeps a hose from one thing that it comes near.
 *
 * @param from id of that thing
 */
public record Guard(Kind kind, String from) {
  /** How it does. */
  public enum Kind {
    /** Wound or slid over the hose: it may lie against what would chafe it. */
    SLEEVE,
    /** Reflecting wrap or a shield: nearer to what is hot. */
    HEAT_WRAP,
    /** In a hole drilled for the hose. */
    GROMMET
  }
}
