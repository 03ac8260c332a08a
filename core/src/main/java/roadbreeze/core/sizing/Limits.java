package roadbreeze.core.sizing;

import java.util.List;
import roadbreeze.core.explain.Result;
import roadbreeze.core.explain.Step;
import roadbreeze.core.explain.Term;
import roadbreeze.core.problem.Quantity;
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
    new Range(Quantity.COOLANT_LIMIT, 80, 140).require(coolant);
    new Range(Quantity.BELOW_BOILING, 0, 30).require(belowBoiling);
    new Range(Quantity.PAN_LIMIT, 80, 160).require(pan);
    new Range(Quantity.FEED_LIMIT, 90, 200).require(feed);
    new Range(Quantity.OVERCOOLED_PAN, 20, 90).require(overcooledPan);
  }

  /** The coolant limit that counts at a boiling point, °C. */
  public double coolantUnder(double boilingPoint) {
    return Math.min(coolant, boilingPoint - belowBoiling);
  }

  /** The coolant limit that counts, with what went in. */
  public Step explain(double boilingPoint) {
    return new Step(
        "limit = min(entered limit, boiling − distance)",
        Result.LIMIT.with(coolantUnder(boilingPoint)),
        List.of(
            Step.given(Term.ENTERED_LIMIT, coolant),
            Step.computed(Term.BOILING_POINT, boilingPoint),
            Step.given(Term.BELOW_BOILING, belowBoiling)),
        "Antoine; ideal mixture, ±2 K");
  }
}
