package roadbreeze.core.check;

import roadbreeze.core.explain.Code;

/** What must not be driven, nor sized: it goes to somebody else first. */
public enum Stop implements Code {
  OIL_IN_COOLANT,
  COOLANT_IN_OIL,
  COMBUSTION_GAS,
  FAN_CRACKED,
  BRAKES_SOFT,
  BEARING_LOOSE
}
