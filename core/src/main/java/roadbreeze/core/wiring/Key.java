package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/** Where the key stands, and what the engine does. */
public enum Key implements Code {
  /** Out. */
  OFF,
  /** On, the engine at rest. */
  ON,
  RUNNING,
  /** At its warm idle, where the alternator gives about half of its plate. */
  HOT_IDLE;

  public boolean on() {
    return this != OFF;
  }

  public boolean engineRuns() {
    return this == RUNNING || this == HOT_IDLE;
  }
}
