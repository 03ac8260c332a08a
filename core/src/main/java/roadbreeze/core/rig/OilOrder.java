package roadbreeze.core.rig;

import roadbreeze.core.explain.Code;

/** The oil's way past the in-tank cooler and the auxiliary one. */
public enum OilOrder implements Code {
  AFTER_TANK,
  BEFORE_TANK,
  TANK_BYPASSED
}
