package roadbreeze.core.radiator;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Code;

/**
 * Foam between the tanks and what is round them, so that air goes through the core and not past it.
 *
 * @param where along which edge
 * @param gap that it closes, m
 * @param thickness that is bought, m
 */
public record Foam(Edge where, double length, double gap, double thickness) {
  /** Of the radiator, as seen from the front. */
  public enum Edge implements Code {
    LEFT,
    RIGHT,
    TOP
  }

  /** A gap that changes by less is closed by the old strips, m; own default. */
  private static final double AS_WIDE = 0.004;

  /** Bought so many times as thick as its gap, which presses it by a third; own default. */
  private static final double PRESSED = 1.4;

  /** Where the old strips do not close it any more; none where sizes are not known. */
  static List<Foam> of(RadiatorFit fit) {
    List<Foam> strips = new ArrayList<>();
    for (Edge edge : Edge.values()) {
      OptionalDouble length = edge == Edge.TOP ? fit.other().width() : fit.other().height();
      OptionalDouble gap = fit.gap(edge);
      if (length.isPresent() && gap.isPresent()) {
        // What stands into the support has its clearance cut beside it.
        double left = gap.getAsDouble() < 0 ? RadiatorFit.CUT_CLEAR : gap.getAsDouble();
        OptionalDouble was = fit.gapBefore(edge);
        boolean closed = was.isPresent() && Math.abs(left - was.getAsDouble()) <= AS_WIDE;
        if (left > 0 && !closed) {
          strips.add(new Foam(edge, length.getAsDouble(), left, left * PRESSED));
        }
      }
    }
    return strips;
  }
}
