package roadbreeze.server.buying;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import roadbreeze.server.buying.CuttingStock.Bought;
import roadbreeze.server.buying.CuttingStock.ToCut;

class CuttingStockTest {
  private static List<ToCut> pieces(double... mm) {
    List<ToCut> pieces = new ArrayList<>();
    for (double length : mm) {
      pieces.add(new ToCut("piece " + pieces.size(), length));
    }
    return pieces;
  }

  private static double bought(CuttingStock stock) {
    return stock.lengths().stream().mapToDouble(Bought::mm).sum();
  }

  /** Three of 330 and their two cuts go into a metre; a fourth does not. */
  @Test
  void theCutsAreCounted() {
    CuttingStock three = CuttingStock.of(pieces(330, 330, 330), 2, List.of(1000.0, 2000.0));
    assertThat(three.lengths()).hasSize(1);
    assertThat(three.lengths().get(0).mm()).isEqualTo(1000);
    assertThat(three.lengths().get(0).leftMm()).isCloseTo(4, within(1e-9));
    assertThat(bought(CuttingStock.of(pieces(332, 332, 332), 3, List.of(1000.0, 2000.0))))
        .isEqualTo(2000);
    // To the last tenth: the last piece needs no cut after it.
    assertThat(bought(CuttingStock.of(pieces(499, 499), 2, List.of(1000.0)))).isEqualTo(1000);
    assertThat(bought(CuttingStock.of(pieces(499, 499.1), 2, List.of(1000.0)))).isEqualTo(2000);
  }

  /** Longest first would put 60 with 30 and need a third length. */
  @Test
  void itIsBetterThanTheFirstThatFits() {
    CuttingStock stock = CuttingStock.of(pieces(60, 50, 30, 25, 20, 15), 0, List.of(100.0));
    assertThat(stock.best()).isTrue();
    assertThat(stock.lengths()).hasSize(2).allSatisfy(l -> assertThat(l.leftMm()).isZero());
  }

  @Test
  void whatIsTooLongIsNamedAndTheRestIsCut() {
    CuttingStock stock = CuttingStock.of(pieces(4000, 500), 2, List.of(1000.0, 3000.0));
    assertThat(stock.tooLong()).extracting(ToCut::mm).containsExactly(4000.0);
    assertThat(stock.lengths()).hasSize(1);
    assertThat(CuttingStock.of(List.of(), 2, List.of(1000.0)).lengths()).isEmpty();
  }

  /** Each piece once, no length over full, and never more than every piece from its own length. */
  @Test
  void everyPieceIsCutOnce() {
    Random random = new Random(7);
    for (int round = 0; round < 10; round++) {
      List<ToCut> pieces = new ArrayList<>();
      for (int i = 0; i < 3 + random.nextInt(8); i++) {
        pieces.add(new ToCut("piece " + i, 80 + random.nextInt(900)));
      }
      CuttingStock stock = CuttingStock.of(pieces, 2, List.of(1000.0, 2000.0, 3000.0));
      assertThat(stock.lengths().stream().flatMap(l -> l.pieces().stream()))
          .containsExactlyInAnyOrderElementsOf(pieces);
      for (Bought length : stock.lengths()) {
        double used = length.pieces().stream().mapToDouble(p -> p.mm() + 2).sum();
        assertThat(used).isLessThanOrEqualTo(length.mm() + 2 + 1e-9);
      }
      double each = pieces.stream().mapToDouble(p -> 1000).sum();
      double least = pieces.stream().mapToDouble(ToCut::mm).sum();
      assertThat(bought(stock)).isBetween(least, each);
    }
  }
}
