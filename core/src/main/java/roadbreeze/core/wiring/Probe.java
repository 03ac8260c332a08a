package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/**
 * One measurement on a circuit.
 *
 * @param at a terminal; a relay's id for the ear
 * @param in what key and temperatures are meanwhile
 */
public record Probe(Tool tool, String at, Situation in) {
  /** What it is taken with. */
  public enum Tool implements Code {
    /** Against the battery's minus; it draws nothing. */
    METER,
    /** A lamp of 21 W against the battery's minus: it draws, so a bad joint does not fool it. */
    LAMP,
    /** Whether a relay clicks when it is asked to. */
    EAR
  }

  /** What lamp and ear tell. */
  public enum Tells implements Code {
    BURNS,
    GLOWS,
    DARK,
    CLICKS,
    SILENT
  }

  /** Of the lamp, Ω of a 12 V truck: 21 W at 12 V. */
  static final double LAMP_OHMS = 6.9;
}
