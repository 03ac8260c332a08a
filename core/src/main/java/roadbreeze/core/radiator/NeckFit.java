package roadbreeze.core.radiator;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;

/**
 * What becomes of a coolant hose where the other radiator's neck is not where the old one was.
 *
 * @param own neck as it was
 * @param other neck of the radiator that goes in
 * @param hose as it was found
 * @param along that the neck came towards the engine, the way the hose leaves it, m
 * @param aside that it went off that line, m
 * @param piece of straight hose put in, m; 0 where none is
 * @param length of a hose that is bought anew, m; 0 where none is
 */
public record NeckFit(
    Shell.Neck own,
    Shell.Neck other,
    RadiatorSeat.FoundHose hose,
    Way way,
    double along,
    double aside,
    double piece,
    double length) {

  /** What is done. */
  public enum Way {
    AS_IT_IS,
    TRIMMED,
    JOINED,
    BOUGHT
  }

  /** What is said of it. */
  public enum Says implements Code {
    AS_IT_IS("aside SIZE"),
    TRIMMED("by SIZE", "left SIZE"),
    JOINED("gap SIZE", "piece SIZE", "bore SIZE"),
    BOUGHT("along SIZE", "aside SIZE", "length SIZE", "bore SIZE"),
    BOUGHT_TURNED("turn ANGLE", "length SIZE", "bore SIZE"),
    STEPPED("neck SIZE", "hose SIZE"),
    SPRING_WANTED;

    private final List<Parameter> parameters;

    Says(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** A warm rubber hose gives so much aside without pulling on its necks, m; own default. */
  private static final double GIVES_ASIDE = 0.020;

  /** And so much along, within its grip on the neck, m; own default. */
  private static final double GIVES_ALONG = 0.010;

  /** Measures are whole millimetres: what sums of them are out by, m. */
  private static final double ROUNDING = 1e-9;

  /** What a clamp and the bead want of a straight end, m; own default. */
  private static final double GRIP = 0.035;

  /** A gap that is wider takes another hose: two joints close together leak, m; own default. */
  private static final double WIDEST_GAP = 0.150;

  /** No hose between two necks is shorter, m; own default. */
  private static final double SHORTEST = 0.1;

  /** Necks that differ by less are one size to a hose, m. */
  private static final double SAME_NECK = 1.5e-3;

  /**
   * @param was where the old neck was in the nose, m
   * @param is where the other one is, m
   */
  static NeckFit of(
      Shell.Neck own, Vector3D was, Shell.Neck other, Vector3D is, RadiatorSeat.FoundHose hose) {
    Vector3D moved = is.subtract(was);
    Vector3D leaves = own.looks().vector();
    double along = moved.dotProduct(leaves);
    double aside = moved.subtract(leaves.scalarMultiply(along)).getNorm();
    boolean turned = own.looks() != other.looks();
    Way way = turned ? Way.BOUGHT : way(along, aside, hose);
    // A joiner's barbs touch in its middle, so the piece is as long as the gap.
    double piece = way == Way.JOINED ? -along : 0;
    double length = way == Way.BOUGHT ? Math.max(SHORTEST, hose.length() - along + aside) : 0;
    return new NeckFit(own, other, hose, way, along, aside, piece, length);
  }

  /** Where both necks look one way. */
  private static Way way(double along, double aside, RadiatorSeat.FoundHose hose) {
    if (aside > GIVES_ASIDE + ROUNDING) {
      return Way.BOUGHT;
    }
    if (Math.abs(along) <= GIVES_ALONG + ROUNDING) {
      return Way.AS_IT_IS;
    }
    if (along > 0) {
      return hose.straight() - along >= GRIP ? Way.TRIMMED : Way.BOUGHT;
    }
    return -along <= WIDEST_GAP && hose.straight() >= 2 * GRIP ? Way.JOINED : Way.BOUGHT;
  }

  /**
   * @param suction it brings coolant to the pump, which draws it flat
   */
  List<Finding> says(boolean suction) {
    List<Finding> says = new ArrayList<>();
    says.add(
        switch (way) {
          case AS_IT_IS -> Says.AS_IT_IS.with(Math.hypot(along, aside));
          case TRIMMED -> Says.TRIMMED.with(along, hose.straight() - along);
          case JOINED -> Says.JOINED.with(-along, piece, own.diameter());
          case BOUGHT ->
              turn()
                  .map(angle -> Says.BOUGHT_TURNED.with(angle, length, other.diameter()))
                  .orElseGet(
                      () -> Says.BOUGHT.with(Math.abs(along), aside, length, other.diameter()));
        });
    if (way != Way.BOUGHT && Math.abs(own.diameter() - other.diameter()) > SAME_NECK) {
      says.add(Says.STEPPED.with(other.diameter(), own.diameter()));
    }
    if (suction && (way == Way.BOUGHT || way == Way.JOINED || !hose.spring())) {
      says.add(Says.SPRING_WANTED.with());
    }
    return says;
  }

  /** Between the ways that hoses leave the two, rad; empty where they leave alike. */
  private Optional<Double> turn() {
    return own.looks() == other.looks()
        ? Optional.empty()
        : Optional.of(Vector3D.angle(own.looks().vector(), other.looks().vector()));
  }
}
