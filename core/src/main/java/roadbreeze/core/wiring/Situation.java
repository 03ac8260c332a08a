package roadbreeze.core.wiring;

/**
 * What a circuit is asked in.
 *
 * @param coolant °C
 * @param oil °C
 * @param airConditioning asked for by the driver
 * @param driver the driver's own switches for fans are on
 */
public record Situation(
    Key key, double coolant, double oil, boolean airConditioning, boolean driver) {
  double of(Felt felt) {
    return felt == Felt.OIL ? oil : coolant;
  }
}
