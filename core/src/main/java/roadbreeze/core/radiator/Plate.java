package roadbreeze.core.radiator;

import java.util.List;
import java.util.stream.IntStream;
import roadbreeze.core.explain.Code;

/**
 * Sheet that is cut, tried and welded in, m: flat, from its lower left corner.
 *
 * @param side of the truck, as seen from the front
 * @param notch what is cut out of the core support first; empty for a plate that closes nothing
 */
public record Plate(
    What what, Side side, double width, double height, List<Round> holes, List<Notch> notch) {
  public Plate {
    holes = List.copyOf(holes);
    notch = List.copyOf(notch);
  }

  /** What it is for. */
  public enum What implements Code {
    /** Makes good what a cut into the core support took from it. */
    SUPPORT_EDGE,
    /** Carries a bushing where the old hole would run into the new one. */
    BUSHING
  }

  /** Of the truck, as seen from the front. */
  public enum Side implements Code {
    LEFT,
    RIGHT;

    Foam.Edge edge() {
      return this == LEFT ? Foam.Edge.LEFT : Foam.Edge.RIGHT;
    }
  }

  /** A hole in it. */
  public record Round(double x, double y, double diameter) {}

  /** A cut into the core support: so deep from its inner edge, so far up from the lowest place. */
  public record Notch(double depth, double bottom, double height) {}

  /** What is welded through, m; own default. */
  private static final double PLUG = 0.008;

  /** Between plugs, m; own default. */
  private static final double PLUG_PITCH = 0.040;

  /** Round what it closes, m; own default. */
  private static final double LAP = 0.025;

  /** Of a plate that carries a bushing, m; own default. */
  private static final double BUSHING_WIDTH = 0.070;

  private static final double BUSHING_LENGTH = 0.110;

  /** A strip along a cut's edge, with a row of plugs down its outer side. */
  static Plate edge(Side side, Notch notch) {
    double width = 2 * LAP;
    double height = notch.height() + 2 * LAP;
    int plugs = (int) Math.ceil((height - LAP) / PLUG_PITCH) + 1;
    List<Round> holes =
        IntStream.range(0, plugs)
            .mapToObj(n -> new Round(LAP / 2, LAP / 2 + n * (height - LAP) / (plugs - 1), PLUG))
            .toList();
    return new Plate(What.SUPPORT_EDGE, side, width, height, holes, List.of(notch));
  }

  /**
   * @param hole that the bushing sits in, m
   */
  static Plate bushing(Side side, double hole) {
    double inset = LAP / 2;
    return new Plate(
        What.BUSHING,
        side,
        BUSHING_LENGTH,
        BUSHING_WIDTH,
        List.of(
            new Round(BUSHING_LENGTH / 2, BUSHING_WIDTH / 2, hole),
            new Round(inset, inset, PLUG),
            new Round(inset, BUSHING_WIDTH - inset, PLUG),
            new Round(BUSHING_LENGTH - inset, inset, PLUG),
            new Round(BUSHING_LENGTH - inset, BUSHING_WIDTH - inset, PLUG)),
        List.of());
  }
}
