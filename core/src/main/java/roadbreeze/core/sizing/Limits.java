package roadbreeze.core.sizing;

import roadbreeze.core.problem.Range;

/**
 * What the truck must stay under, °C. Replaced by its manual where known.
 *
 * @param coolant highest coolant temperature whatever the cap
 * @param belowBoiling the coolant also stays this far under its boiling point, K
 * @param pan transmission fluid in the pan, sustained
 * @param feed transmission fluid leaving for the coolers, peak
 * @param overcooledPan below this at cruise the gearbox runs too cold
 */
public record Limits(
    double coolant, double belowBoiling, double pan, double feed, double overcooledPan) {
  public static final Limits DEFAULT = new Limits(112, 8, 107, 150, 60);

  public Limits {
    new Range("coolant limit", 80, 140, "°C").require(coolant);
    new Range("distance to boiling", 0, 30, "K").require(belowBoiling);
    new Range("pan limit", 80, 160, "°C").require(pan);
    new Range("oil feed limit", 90, 200, "°C").require(feed);
    new Range("over-cooled pan", 20, 90, "°C").require(overcooledPan);
  }

  /** The coolant limit that counts at a boiling point, °C. */
  public double coolantUnder(double boilingPoint) {
    return Math.min(coolant, boilingPoint - belowBoiling);
  }
}
