package roadbreeze.server.mounting;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.bracket.BracketFault;
import roadbreeze.core.bracket.FlatPattern;
import roadbreeze.core.bracket.Frame;
import roadbreeze.core.bracket.SocketWay;
import roadbreeze.core.bracket.Step;
import roadbreeze.core.bracket.Vice;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.message.Said;

/**
 * A bracket laid flat, in mm from its first end.
 *
 * @param reliefs cut out of a leg that stands over a hole, so that a socket gets through
 * @param profile middle line of the bent strip seen from its edge; a twist is drawn flat
 * @param order in which a vice bends it, null where none does
 * @param faults what a fabricator would send it back for; alone where it cannot be at all
 */
public record FlatBracket(
    String id,
    String name,
    int quantity,
    double flatMm,
    double reachMm,
    double kg,
    List<BendMark> bends,
    List<TwistMark> twists,
    List<DrillMark> holes,
    List<Relief> reliefs,
    List<ProfilePoint> profile,
    List<ViceTurn> order,
    List<Said> faults) {

  /** A bend line on the flat strip. */
  public record BendMark(double startMm, double centreMm, double endMm, double degrees) {}

  /** Where the strip is twisted. */
  public record TwistMark(double startMm, double endMm, double degrees) {}

  /** Where to drill. */
  public record DrillMark(double alongMm, double acrossMm, double diameterMm, double slotMm) {}

  /**
   * Cut out for a socket.
   *
   * @param hole that it serves, counted from 1
   */
  public record Relief(int hole, double alongMm, double acrossMm, double diameterMm) {}

  /** A place on the bent strip's middle. */
  public record ProfilePoint(double alongMm, double upMm) {}

  /**
   * One bend in the vice.
   *
   * @param bend counted from 1 along the strip
   * @param holdsRest the part after the bend is in the jaws
   * @param degrees to bend to by hand, springback in it
   */
  public record ViceTurn(int bend, boolean holdsRest, double degrees) {}

  /** What cannot be at all is only its faults. */
  public static FlatBracket of(Bracket entered) {
    try {
      return of(entered, entered.toCore());
    } catch (RefusedException e) {
      return new FlatBracket(
          entered.id(),
          entered.name(),
          entered.quantity(),
          0,
          0,
          0,
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          null,
          Said.of(List.of(e.finding())));
    }
  }

  private static FlatBracket of(Bracket entered, roadbreeze.core.bracket.Bracket bracket) {
    FlatPattern flat = bracket.flat();
    List<Finding> faults = new ArrayList<>(BracketFault.of(bracket));
    List<ViceTurn> order =
        Vice.order(bracket)
            .map(
                turns ->
                    turns.stream()
                        .map(
                            t ->
                                new ViceTurn(
                                    t.bend() + 1, t.holdsRest(), Math.toDegrees(t.angle())))
                        .toList())
            .orElse(null);
    if (order == null) {
      faults.add(BracketFault.NO_VICE_ORDER.with(flat.bends().size()));
    }
    return new FlatBracket(
        entered.id(),
        entered.name(),
        entered.quantity(),
        flat.length() * 1000,
        bracket.reach() * 1000,
        bracket.mass(),
        flat.bends().stream()
            .map(
                b ->
                    new BendMark(
                        b.start() * 1000,
                        b.centre() * 1000,
                        b.end() * 1000,
                        Math.toDegrees(b.angle())))
            .toList(),
        flat.twists().stream()
            .map(t -> new TwistMark(t.start() * 1000, t.end() * 1000, Math.toDegrees(t.angle())))
            .toList(),
        flat.holes().stream()
            .map(
                h ->
                    new DrillMark(
                        h.along() * 1000, h.across() * 1000, h.diameter() * 1000, h.slot() * 1000))
            .toList(),
        SocketWay.of(bracket).stream()
            .filter(SocketWay::cut)
            .map(
                w ->
                    new Relief(
                        w.hole() + 1, w.along() * 1000, w.across() * 1000, w.diameter() * 1000))
            .toList(),
        profile(bracket),
        order,
        Said.of(faults));
  }

  /** From the edge: a twist is a straight piece of its length there. */
  private static List<ProfilePoint> profile(roadbreeze.core.bracket.Bracket bracket) {
    List<Step> steps = new ArrayList<>();
    for (Step step : bracket.steps()) {
      int last = steps.size() - 1;
      if (step instanceof Step.Twist twist) {
        steps.set(last, new Step.Leg(((Step.Leg) steps.get(last)).length() + twist.length()));
      } else if (step instanceof Step.Leg leg && last >= 0 && steps.get(last) instanceof Step.Leg) {
        steps.set(last, new Step.Leg(((Step.Leg) steps.get(last)).length() + leg.length()));
      } else {
        steps.add(step);
      }
    }
    Frame level = new Frame(Vector3D.ZERO, Vector3D.PLUS_I, Vector3D.PLUS_J);
    return new roadbreeze.core.bracket.Bracket(bracket.stock(), steps, List.of())
        .middleLine(level).stream()
            .map(p -> new ProfilePoint(p.getX() * 1000, p.getY() * 1000))
            .toList();
  }
}
