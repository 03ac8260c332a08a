package roadbreeze.core.line;

/**
 * A hose of a plan.
 *
 * @param branch index of the cooler whose oil alone goes through it, of coolers side by side;
 *     {@link #COMMON} where all oil does
 */
public record PlannedHose(Line line, int branch) {
  /** All oil goes through it. */
  public static final int COMMON = -1;

  /** One that all oil goes through. */
  public PlannedHose(Line line) {
    this(line, COMMON);
  }
}
