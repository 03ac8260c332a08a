package roadbreeze.core.breakdown;

import roadbreeze.core.explain.Code;

/** What fits in a glove box or behind the seat and gets a truck going again. */
public enum Spare implements Code {
  /** And a fuse of each size. */
  RELAY,
  /** Battery to fan, whatever switches it otherwise. */
  FUSED_LEAD,
  /** That hold a clutch which lets go to its fan. */
  CLUTCH_BOLTS,
  /** With clamps and two litres of oil. */
  HOSE_JOINER,
  BELT,
  CAP
}
