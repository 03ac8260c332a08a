package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/** What cannot be cut, drilled or bent, or will not last. */
public enum BracketFault implements Code {
  /** Before its start, past its end or over its side. */
  HOLE_OFF_STRIP("hole COUNT"),
  HOLE_NEAR_EDGE("hole COUNT", "is SIZE", "wanted SIZE"),
  HOLE_NEAR_BEND("hole COUNT", "bend COUNT", "is SIZE", "wanted SIZE"),
  SHORT_FLANGE("is SIZE", "wanted SIZE"),
  /** A leg of no length between bends. */
  BENDS_OVERLAP("bend COUNT"),
  TIGHT_RADIUS("is SIZE", "wanted SIZE"),
  SHORT_TWIST("is SIZE", "wanted SIZE"),
  NO_VICE_ORDER("bend COUNT"),
  /** Another leg stands over it and has no room for a relief. */
  SPANNER_ONLY("hole COUNT");

  /** Finer than anybody cuts, m. */
  private static final double SAME = 0.02e-3;

  private final List<Parameter> parameters;

  BracketFault(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }

  /** All that a fabricator would send a drawing back for. */
  public static List<Finding> of(Bracket bracket) {
    List<Finding> found = new ArrayList<>();
    for (int i = 0; i < bracket.holes().size(); i++) {
      hole(bracket, i, found);
    }
    legs(bracket, found);
    SocketWay.of(bracket).stream()
        .filter(w -> !w.cut())
        .map(w -> SPANNER_ONLY.with(w.hole() + 1))
        .distinct()
        .forEach(found::add);
    StripStock stock = bracket.stock();
    // Aluminium cracks where it is bent sharper; mild steel takes its own thickness.
    double least = stock.thickness() * (stock.metal() == Metal.ALUMINIUM ? 1.5 : 1);
    boolean bent = bracket.steps().stream().anyMatch(s -> s instanceof Step.Bend);
    if (bent && stock.insideRadius() < least - SAME) {
      found.add(TIGHT_RADIUS.with(stock.insideRadius(), least));
    }
    return found;
  }

  private static void legs(Bracket bracket, List<Finding> found) {
    StripStock stock = bracket.stock();
    int bends = 0;
    for (int i = 1; i < bracket.steps().size(); i += 2) {
      Step step = bracket.steps().get(i);
      if (step instanceof Step.Twist twist) {
        // Four widths for a quarter turn, two for half of it.
        double wanted = 4 * stock.width() * Math.abs(twist.angle()) / (Math.PI / 2);
        if (twist.length() < wanted - SAME) {
          found.add(SHORT_TWIST.with(twist.length(), wanted));
        }
        continue;
      }
      bends++;
      for (int leg : new int[] {i / 2, i / 2 + 1}) {
        double length = bracket.leg(leg).length();
        boolean end = leg == 0 || leg == bracket.legs() - 1;
        if (end && length < stock.leastFlange() - SAME) {
          found.add(SHORT_FLANGE.with(length, stock.leastFlange()));
        } else if (!end && length <= SAME && leg > i / 2) {
          found.add(BENDS_OVERLAP.with(bends));
        }
      }
    }
  }

  private static void hole(Bracket bracket, int index, List<Finding> found) {
    Hole hole = bracket.holes().get(index);
    StripStock stock = bracket.stock();
    int last = bracket.legs() - 1;
    double before = hole.at();
    double after = bracket.leg(hole.leg()).length() - hole.at();
    double side = stock.width() / 2 - Math.abs(hole.across());
    boolean off =
        side <= hole.diameter() / 2
            || hole.leg() == 0 && before <= hole.half()
            || hole.leg() == last && after <= hole.half()
            || before < 0
            || after < 0;
    if (off) {
      found.add(HOLE_OFF_STRIP.with(index + 1));
      return;
    }
    double edge = side;
    if (hole.leg() == 0) {
      edge = Math.min(edge, before - hole.slot() / 2);
    }
    if (hole.leg() == last) {
      edge = Math.min(edge, after - hole.slot() / 2);
    }
    if (edge < hole.toEdge() - SAME) {
      found.add(HOLE_NEAR_EDGE.with(index + 1, edge, hole.toEdge()));
    }
    nearBend(bracket, index, hole.leg(), before - hole.half(), 2 * hole.leg() - 1, found);
    nearBend(bracket, index, hole.leg(), after - hole.half(), 2 * hole.leg() + 1, found);
  }

  private static void nearBend(
      Bracket bracket, int index, int leg, double far, int step, List<Finding> found) {
    if (step < 0
        || step >= bracket.steps().size()
        || !(bracket.steps().get(step) instanceof Step.Bend)) {
      return;
    }
    double wanted = bracket.stock().holeToBend();
    if (far < wanted - SAME) {
      long bend =
          bracket.steps().subList(0, step + 1).stream().filter(s -> s instanceof Step.Bend).count();
      found.add(HOLE_NEAR_BEND.with(index + 1, (int) bend, far, wanted));
    }
  }
}
