package roadbreeze.core.vehicle;

/** What a road is made of: rolling resistance over that of the truck's own asphalt; our own. */
public enum Surface {
  ASPHALT(0),
  GRAVEL(0.015),
  /** Packed by wheels, not deep. */
  SNOW(0.015),
  /** Soft. */
  SAND(0.09);

  private final double added;

  Surface(double added) {
    this.added = added;
  }

  /** Over the coefficient of asphalt (-). */
  double added() {
    return added;
  }
}
