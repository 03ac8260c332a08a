package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.problem.Problem;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A bent strip laid flat.
 *
 * @param flatLength m
 * @param bends in order from the left end
 */
public record Strip(double flatLength, List<BendMark> bends) {
  public static final Range LEG = new Range(Quantity.STRIP_LEG, 0, 3);
  public static final int MOST_BENDS = 12;

  /**
   * Where to bend.
   *
   * @param start of the bend from the left end of the flat strip, m
   * @param end of the bend, m
   * @param angle rad, positive up
   */
  public record BendMark(double start, double end, double angle) {
    public double centre() {
      return (start + end) / 2;
    }
  }

  /**
   * @param legs straight lengths between tangents, m, one more than bends
   * @param angles rad, positive up, negative down
   */
  public static Strip of(StripStock stock, List<Double> legs, List<Double> angles) {
    if (legs.size() != angles.size() + 1) {
      throw Problem.STRIP_LEGS.refuse();
    }
    if (angles.size() > MOST_BENDS) {
      throw Problem.STRIP_BENDS.refuse(MOST_BENDS);
    }
    List<BendMark> bends = new ArrayList<>();
    double at = LEG.require(legs.get(0));
    for (int i = 0; i < angles.size(); i++) {
      double allowance = stock.bendAllowance(Math.abs(angles.get(i)));
      bends.add(new BendMark(at, at + allowance, angles.get(i)));
      at += allowance + LEG.require(legs.get(i + 1));
    }
    return new Strip(at, List.copyOf(bends));
  }
}
