package roadbreeze.server.buying;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.server.buying.CuttingStock.ToCut;
import roadbreeze.server.message.Said;
import roadbreeze.server.parts.Prices;
import roadbreeze.server.parts.Prices.PricedLine;

/**
 * What is bought and cut for a build, with its prices.
 *
 * @param strip lengths of flat strip and channel, and what is cut from which
 * @param hose lengths of hose, likewise
 * @param small what else is needed, by its number
 * @param unknown what has to be chosen first
 */
public record CutList(
    List<StockLine> strip, List<StockLine> hose, List<PricedLine> small, List<Said> unknown) {

  /**
   * One kind of stock.
   *
   * @param what it is
   * @param lengths bought, with what is cut from each
   * @param tooLong pieces longer than any length sold
   * @param best no shorter purchase is possible
   * @param price of all of it in the yard's money, null where nobody knows it
   */
  public record StockLine(
      Said what,
      @Nullable String code,
      List<StockLength> lengths,
      List<String> tooLong,
      boolean best,
      @Nullable Double price) {}

  /** A length that is bought. */
  public record StockLength(double mm, List<CutPiece> pieces, double leftMm) {}

  /** What is cut from it. */
  public record CutPiece(String name, double mm) {}

  static CutList of(Purchase purchase, Prices prices) {
    return new CutList(
        purchase.strip().stream().map(s -> line(s, prices)).toList(),
        purchase.hose().stream().map(s -> line(s, prices)).toList(),
        prices.lines(purchase.small()),
        Said.of(purchase.unknown()));
  }

  private static StockLine line(Purchase.Stock stock, Prices prices) {
    PricedLine priced = prices.line(stock.need());
    return new StockLine(
        priced.said(),
        stock.code(),
        stock.cut().lengths().stream()
            .map(
                l ->
                    new StockLength(
                        l.mm(),
                        l.pieces().stream().map(p -> new CutPiece(p.name(), p.mm())).toList(),
                        l.leftMm()))
            .toList(),
        stock.cut().tooLong().stream().map(ToCut::name).toList(),
        stock.cut().best(),
        priced.price());
  }
}
