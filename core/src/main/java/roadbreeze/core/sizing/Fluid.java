package roadbreeze.core.sizing;

import roadbreeze.core.explain.Code;

/** What has a limit. */
public enum Fluid implements Code {
  COOLANT,
  FEED,
  PAN
}
