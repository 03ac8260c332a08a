package roadbreeze.core.bracket;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.problem.Problem;

/**
 * A bracket of strip: what is done along it, from its start.
 *
 * @param steps beginning and ending with a leg, a bend or a twist between any two
 */
public record Bracket(StripStock stock, List<Step> steps, List<Hole> holes) {
  public static final int MOST_STEPS = 21;
  public static final int MOST_HOLES = 12;

  public Bracket {
    steps = List.copyOf(steps);
    holes = List.copyOf(holes);
    if (steps.size() > MOST_STEPS) {
      throw Problem.STRIP_BENDS.refuse(MOST_STEPS / 2);
    }
    for (int i = 0; i < steps.size(); i++) {
      if ((i % 2 == 0) != steps.get(i) instanceof Step.Leg) {
        throw Problem.STRIP_LEGS.refuse();
      }
    }
    if (steps.size() % 2 == 0) {
      throw Problem.STRIP_LEGS.refuse();
    }
    int legs = (steps.size() + 1) / 2;
    for (Hole hole : holes) {
      if (hole.leg() < 0 || hole.leg() >= legs) {
        throw Problem.HOLE_LEG.refuse();
      }
    }
  }

  Step.Leg leg(int index) {
    return (Step.Leg) steps.get(2 * index);
  }

  int legs() {
    return (steps.size() + 1) / 2;
  }

  /** Laid flat. */
  public FlatPattern flat() {
    List<Double> legs = new ArrayList<>();
    List<FlatPattern.BendLine> bends = new ArrayList<>();
    List<FlatPattern.TwistZone> twists = new ArrayList<>();
    double at = 0;
    for (Step step : steps) {
      if (step instanceof Step.Leg leg) {
        legs.add(at);
        at += leg.length();
      } else if (step instanceof Step.Bend bend) {
        double end = at + stock.bendAllowance(Math.abs(bend.angle()));
        bends.add(new FlatPattern.BendLine(at, end, bend.angle()));
        at = end;
      } else if (step instanceof Step.Twist twist) {
        twists.add(new FlatPattern.TwistZone(at, at + twist.length(), twist.angle()));
        at += twist.length();
      }
    }
    List<FlatPattern.Cut> cuts =
        holes.stream()
            .map(
                h ->
                    new FlatPattern.Cut(
                        legs.get(h.leg()) + h.at(), h.across(), h.diameter(), h.slot()))
            .toList();
    return new FlatPattern(at, legs, bends, twists, cuts);
  }

  /**
   * The folded strip where a mark on the flat one comes to lie.
   *
   * @param start how the strip's first end is held
   * @param along from the start of the flat strip, m
   */
  public Frame folded(Frame start, double along) {
    Frame frame = start;
    double left = along;
    for (Step step : steps) {
      double length = flatLength(step);
      double share = length > 0 ? Math.min(1, left / length) : 1;
      if (step instanceof Step.Leg leg) {
        frame = frame.straight(leg.length() * share);
      } else if (step instanceof Step.Bend bend) {
        frame = frame.bent(bend.angle() * share, stock.middleRadius());
      } else if (step instanceof Step.Twist twist) {
        frame = frame.twisted(twist.angle() * share, twist.length() * share);
      }
      left -= length;
      if (left <= 0) {
        break;
      }
    }
    return frame;
  }

  private double flatLength(Step step) {
    if (step instanceof Step.Leg leg) {
      return leg.length();
    }
    return step instanceof Step.Bend bend
        ? stock.bendAllowance(Math.abs(bend.angle()))
        : ((Step.Twist) step).length();
  }

  /** The middles of the holes of the folded bracket. */
  public List<Vector3D> foldedHoles(Frame start) {
    return flat().holes().stream()
        .map(
            cut -> {
              Frame frame = folded(start, cut.along());
              return beside(frame, cut.across());
            })
        .toList();
  }

  /** The middle line of the folded strip, fine enough to be drawn, m. */
  public List<Vector3D> middleLine(Frame start) {
    return line(start, 0);
  }

  /** A line along the folded strip, so far across from its middle, m. */
  public List<Vector3D> line(Frame start, double across) {
    List<Vector3D> line = new ArrayList<>(List.of(beside(start, across)));
    double at = 0;
    for (Step step : steps) {
      double length = flatLength(step);
      // A twist winds its edges: as fine as a bend.
      int pieces = step instanceof Step.Leg ? 1 : 8;
      for (int i = 1; i <= pieces; i++) {
        line.add(beside(folded(start, at + length * i / pieces), across));
      }
      at += length;
    }
    return line;
  }

  private static Vector3D beside(Frame frame, double across) {
    return frame.at().add(frame.across().scalarMultiply(across));
  }

  /** Strip between its first hole and its last, as long as it hangs out, m. */
  public double reach() {
    FlatPattern flat = flat();
    if (flat.holes().size() < 2) {
      return flat.length();
    }
    double first = flat.holes().stream().mapToDouble(FlatPattern.Cut::along).min().orElseThrow();
    double last = flat.holes().stream().mapToDouble(FlatPattern.Cut::along).max().orElseThrow();
    return last - first;
  }

  /** kg. */
  public double mass() {
    FlatPattern flat = flat();
    double face = flat.length() * stock.width();
    for (FlatPattern.Cut cut : flat.holes()) {
      face -= Math.PI / 4 * cut.diameter() * cut.diameter() + cut.diameter() * cut.slot();
    }
    return face * stock.thickness() * stock.metal().density();
  }

  /**
   * Bent step by step like another strip.
   *
   * @param within lengths that differ by no more are the same, m
   */
  public boolean bentLike(Bracket other, double within) {
    boolean alike = steps.size() == other.steps.size();
    for (int i = 0; alike && i < steps.size(); i++) {
      Step a = steps.get(i);
      Step b = other.steps.get(i);
      alike = a.getClass() == b.getClass() && Math.abs(length(a) - length(b)) < within;
    }
    return alike;
  }

  private static double length(Step step) {
    if (step instanceof Step.Leg leg) {
      return leg.length();
    }
    return step instanceof Step.Twist twist ? twist.length() : 0;
  }
}
