package roadbreeze.core.finder;

/** The oil's way past the in-tank cooler and the auxiliary one. */
public enum OilOrder {
  AFTER_TANK,
  BEFORE_TANK,
  TANK_BYPASSED
}
