package roadbreeze.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import roadbreeze.core.fluid.Liquid;

/**
 * What is fitted between the truck's own lines: pieces in turn, then branches side by side where
 * coolers share the oil, and where there is one a block that lets oil across all of it. Solved for
 * one pressure over each node: every branch has the drop of the others, and what parts comes
 * together again.
 *
 * @param inTurn what all oil goes through
 * @param branches of what only a part goes through, each from where the oil parts to where it meets
 *     again; none where nothing is side by side
 * @param block across all of it
 */
public record OilNetwork(List<Piece> inTurn, List<List<Piece>> branches, Optional<Bypass> block) {
  public static final OilNetwork NOTHING = new OilNetwork(List.of(), List.of(), Optional.empty());

  public OilNetwork {
    inTurn = List.copyOf(inTurn);
    branches = branches.stream().map(List::copyOf).toList();
  }

  /**
   * One thing that the oil goes through.
   *
   * @param number of the hose or cooler, of a filter that of its hose, from 0
   */
  public record Piece(What what, int number, Resistance resistance) {
    double drop(double flow, Liquid oil, double temperature) {
      return flow <= 0 ? 0 : resistance.pressureDrop(flow, oil, temperature);
    }
  }

  /** What the oil goes through; the truck's own lines are round a network, not in it. */
  public enum What {
    FEED_LINE,
    HOSE,
    FILTER,
    COOLER,
    RETURN_LINE
  }

  /**
   * A piece with oil in it.
   *
   * @param branch index, {@link PlannedHose#COMMON} where all oil goes through it
   * @param flow m³/s
   * @param drop Pa
   */
  public record Passed(Piece piece, int branch, double flow, double drop) {}

  /**
   * The whole with oil in it, flows m³/s.
   *
   * @param past the block
   * @param drop over all of it, Pa
   */
  public record Flow(List<Passed> pieces, double past, double drop) {}

  /**
   * @param hoses in the order of the plan
   * @param filters in them
   * @param coolers in the order that the oil reaches them
   * @param parallel they share the oil instead of passing it on
   */
  public static OilNetwork of(
      List<PlannedHose> hoses,
      List<Filter> filters,
      List<CoolerDrop> coolers,
      boolean parallel,
      Optional<Bypass> block) {
    boolean beside = parallel && coolers.size() > 1;
    List<Piece> inTurn = new ArrayList<>();
    List<List<Piece>> branches = new ArrayList<>();
    for (int c = 0; beside && c < coolers.size(); c++) {
      branches.add(new ArrayList<>());
    }
    // In one row coolers stand between the hoses; side by side each after the first of its own.
    int next = 0;
    boolean[] stands = new boolean[coolers.size()];
    for (int h = 0; h < hoses.size(); h++) {
      int branch = beside ? hoses.get(h).branch() : PlannedHose.COMMON;
      List<Piece> to = branch == PlannedHose.COMMON ? inTurn : branches.get(branch);
      to.add(new Piece(What.HOSE, h, hoses.get(h).line()));
      for (Filter f : filters) {
        if (f.hose() == h) {
          to.add(new Piece(What.FILTER, h, f));
        }
      }
      int cooler = beside ? branch : next++;
      if (cooler != PlannedHose.COMMON && cooler < coolers.size() && !stands[cooler]) {
        stands[cooler] = true;
        to.add(new Piece(What.COOLER, cooler, coolers.get(cooler)));
      }
    }
    for (int c = 0; c < coolers.size(); c++) {
      if (!stands[c]) {
        (beside ? branches.get(c) : inTurn).add(new Piece(What.COOLER, c, coolers.get(c)));
      }
    }
    return new OilNetwork(inTurn, branches, block);
  }

  /** All pieces, those of the branches after one another. */
  public Stream<Piece> pieces() {
    return Stream.concat(inTurn.stream(), branches.stream().flatMap(List::stream));
  }

  /** What it holds, m³. */
  public double volume() {
    return pieces().mapToDouble(p -> p.resistance().volume()).sum();
  }

  /**
   * What it holds up, Pa.
   *
   * @param flow m³/s, ≥ 0
   * @param temperature °C
   */
  public double drop(double flow, Liquid oil, double temperature) {
    return inner(flow * share(flow, oil, temperature), oil, temperature);
  }

  /** The flow in each piece, which adds up to the whole at every node. */
  public Flow at(double flow, Liquid oil, double temperature) {
    double in = flow * share(flow, oil, temperature);
    List<Passed> passed = new ArrayList<>();
    for (Piece p : inTurn) {
      passed.add(new Passed(p, PlannedHose.COMMON, in, p.drop(in, oil, temperature)));
    }
    double[] flows = split(in, oil, temperature);
    for (int b = 0; b < branches.size(); b++) {
      for (Piece p : branches.get(b)) {
        passed.add(new Passed(p, b, flows[b], p.drop(flows[b], oil, temperature)));
      }
    }
    return new Flow(List.copyOf(passed), flow - in, inner(in, oil, temperature));
  }

  /** How its branches share a flow, m³/s each. */
  public double[] split(double flow, Liquid oil, double temperature) {
    return flow <= 0 || branches.isEmpty()
        ? new double[branches.size()]
        : ParallelFlow.share(drops(oil, temperature), flow).flows();
  }

  private double share(double flow, Liquid oil, double temperature) {
    return block
        .map(b -> b.coreShare(temperature, flow, q -> inner(q, oil, temperature)))
        .orElse(1.0);
  }

  private double inner(double flow, Liquid oil, double temperature) {
    double drop = inTurn.stream().mapToDouble(p -> p.drop(flow, oil, temperature)).sum();
    return flow <= 0 || branches.isEmpty()
        ? drop
        : drop + ParallelFlow.share(drops(oil, temperature), flow).pressureDrop();
  }

  private List<DoubleUnaryOperator> drops(Liquid oil, double temperature) {
    return branches.stream()
        .<DoubleUnaryOperator>map(
            pieces -> q -> pieces.stream().mapToDouble(p -> p.drop(q, oil, temperature)).sum())
        .toList();
  }
}
