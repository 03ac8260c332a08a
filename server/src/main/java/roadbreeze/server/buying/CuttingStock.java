package roadbreeze.server.buying;

import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import roadbreeze.server.solver.NativeSolver;

/**
 * Which lengths to buy so that all pieces can be cut from them and least is paid for: the cutting
 * stock problem, by a constraint solver.
 *
 * @param lengths bought, the longest first
 * @param best no cheaper purchase is possible; false where the solver ran out of its time
 * @param tooLong pieces that are longer than anything sold
 */
record CuttingStock(List<Bought> lengths, boolean best, List<ToCut> tooLong) {
  /** A piece to be cut. */
  record ToCut(String name, double mm) {}

  /**
   * A length that is bought.
   *
   * @param pieces what is cut from it, the longest first
   * @param leftMm over, the last cut taken off
   */
  record Bought(double mm, List<ToCut> pieces, double leftMm) {}

  /** Tenths of a millimetre: whole numbers for the solver, finer than anybody cuts. */
  private static final double FINE = 10;

  /** One more length costs at least a walk to the saw, tenths of a millimetre of stock. */
  private static final long EACH = 100;

  private static final double SECONDS = 1.5;

  static {
    NativeSolver.load();
  }

  /**
   * @param pieces at most some dozens
   * @param kerf what each cut takes away, mm
   * @param sold lengths that the stock is sold in, mm
   */
  static CuttingStock of(List<ToCut> pieces, double kerf, List<Double> sold) {
    double longest = sold.stream().mapToDouble(s -> s).max().orElse(0);
    List<ToCut> cut = new ArrayList<>();
    List<ToCut> tooLong = new ArrayList<>();
    for (ToCut piece : pieces) {
      if (piece.mm() <= longest) {
        cut.add(piece);
      } else {
        tooLong.add(piece);
      }
    }
    cut.sort(Comparator.comparingDouble(ToCut::mm).reversed());
    return cut.isEmpty()
        ? new CuttingStock(List.of(), true, tooLong)
        : solved(cut, kerf, sold, tooLong);
  }

  private static CuttingStock solved(
      List<ToCut> cut, double kerf, List<Double> sold, List<ToCut> tooLong) {
    CpModel model = new CpModel();
    int n = cut.size();
    BoolVar[][] from = new BoolVar[n][n];
    BoolVar[][] bought = new BoolVar[n][sold.size()];
    LinearExprBuilder cost = LinearExpr.newBuilder();
    for (int bar = 0; bar < n; bar++) {
      for (int k = 0; k < sold.size(); k++) {
        bought[bar][k] = model.newBoolVar("bar " + bar + " of " + sold.get(k));
        cost.addTerm(bought[bar][k], tenths(sold.get(k)) + EACH);
      }
      model.addAtMostOne(bought[bar]);
      LinearExprBuilder used = LinearExpr.newBuilder();
      // A piece is cut from the bar of its own number or an earlier one: bars are all alike.
      for (int p = bar; p < n; p++) {
        from[p][bar] = model.newBoolVar("piece " + p + " from " + bar);
        used.addTerm(from[p][bar], tenths(cut.get(p).mm() + kerf));
      }
      LinearExprBuilder room = LinearExpr.newBuilder();
      for (int k = 0; k < sold.size(); k++) {
        // The last piece of a bar needs no cut after it.
        room.addTerm(bought[bar][k], tenths(sold.get(k) + kerf));
      }
      model.addLessOrEqual(used, room);
    }
    for (int p = 0; p < n; p++) {
      model.addExactlyOne(Arrays.copyOf(from[p], p + 1));
    }
    model.minimize(cost);
    CpSolver solver = new CpSolver();
    solver.getParameters().setMaxTimeInSeconds(SECONDS).setNumSearchWorkers(1).setRandomSeed(1);
    CpSolverStatus status = solver.solve(model);
    if (status != CpSolverStatus.OPTIMAL && status != CpSolverStatus.FEASIBLE) {
      throw new IllegalStateException("pieces that each fit a length can always be cut: " + status);
    }
    List<Bought> lengths = new ArrayList<>();
    for (int bar = 0; bar < n; bar++) {
      for (int k = 0; k < sold.size(); k++) {
        if (solver.booleanValue(bought[bar][k])) {
          lengths.add(length(cut, from, bar, solver, sold.get(k), kerf));
        }
      }
    }
    lengths.removeIf(l -> l.pieces().isEmpty());
    lengths.sort(Comparator.comparingDouble(Bought::mm).reversed());
    return new CuttingStock(lengths, status == CpSolverStatus.OPTIMAL, tooLong);
  }

  private static Bought length(
      List<ToCut> cut, BoolVar[][] from, int bar, CpSolver solver, double mm, double kerf) {
    List<ToCut> pieces = new ArrayList<>();
    double left = mm;
    for (int p = bar; p < cut.size(); p++) {
      if (solver.booleanValue(from[p][bar])) {
        pieces.add(cut.get(p));
        left -= cut.get(p).mm() + kerf;
      }
    }
    return new Bought(mm, pieces, Math.max(0, left));
  }

  /** Rounded up, so that nothing is cut too short. */
  private static long tenths(double mm) {
    return (long) Math.ceil(mm * FINE - 1e-6);
  }
}
