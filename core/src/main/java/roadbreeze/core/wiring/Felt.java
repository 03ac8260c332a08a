package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/** What a switch feels. */
public enum Felt implements Code {
  COOLANT,
  OIL
}
