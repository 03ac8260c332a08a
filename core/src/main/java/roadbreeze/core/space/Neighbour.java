package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Gap;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Solid;

/**
 * How far a core is from something that stands in the nose.
 *
 * @param part the core
 * @param gap from it to the solid
 */
public record Neighbour(Name part, Solid solid, Gap gap) {
  /** Is that enough. */
  public enum State {
    CLEAR,
    /** Enough as measured, but not if the measure is out by its plus-minus. */
    DOUBTFUL,
    SHORT;

    /** Rounding, m. */
    private static final double SAME = 1e-9;

    /** Of a gap where so much is wanted and the other thing is known so well, m. */
    public static State of(double gap, double wanted, double plusMinus) {
      if (gap < wanted - SAME) {
        return SHORT;
      }
      return gap - plusMinus < wanted - SAME ? DOUBTFUL : CLEAR;
    }
  }

  /** True of what stands so far off that it need not be measured: the boxes round both tell it. */
  static boolean far(Box room, Solid solid) {
    return room.apart(solid.shape().bounds()) > solid.surelyFromCore();
  }

  public static Neighbour of(Name part, Shape room, Solid solid) {
    return new Neighbour(part, solid, Gap.between(room, solid.shape()));
  }

  /** What the core keeps from such a thing, m. */
  public double wanted() {
    return solid.nature().fromCore();
  }

  public State state() {
    return State.of(gap.length(), wanted(), solid.plusMinus());
  }

  /**
   * How much it has over what it must have even if the measure is out, m; negative if too little.
   */
  public double toSpare() {
    return gap.length() - solid.plusMinus() - wanted();
  }

  /**
   * What stands nearest to the oil coolers and other coolers that a build hangs into the nose,
   * closest first.
   *
   * @param reach no farther than this, m
   */
  public static List<Neighbour> of(Pack pack, List<Solid> solids, double reach) {
    List<Neighbour> near = new ArrayList<>();
    for (Pack.Piece piece : pack.pieces()) {
      if (piece.kind() == Pack.Kind.OIL_COOLER || piece.kind() == Pack.Kind.OTHER_COOLER) {
        for (Solid solid : solids) {
          if (piece.box().apart(solid.shape().bounds()) <= reach) {
            near.add(of(piece.name(), piece.box(), solid));
          }
        }
      }
    }
    near.removeIf(n -> n.gap.length() > reach);
    near.sort(Comparator.comparingDouble(Neighbour::toSpare));
    return near;
  }
}
