package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import roadbreeze.core.explain.Finding;

/**
 * Something that has to be bought.
 *
 * @param said in words
 * @param what by which its price is looked up
 * @param size in mm, mm² or A, 0 where that makes no difference
 * @param quantity pieces, m, m² or kg
 * @param each its own price, of a part that is on a shelf by itself; null else
 */
public record Need(
    Finding said,
    @Nullable SupplyPart.What what,
    double size,
    double quantity,
    @Nullable Double each) {

  public static Need of(Finding said, SupplyPart.What what, double size, double quantity) {
    return new Need(said, what, size, quantity, null);
  }

  /** A part with a price of its own. */
  public static Need part(Finding said, double quantity, double each) {
    return new Need(said, null, 0, quantity, each);
  }
}
