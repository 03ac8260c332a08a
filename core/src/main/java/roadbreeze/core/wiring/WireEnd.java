package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/**
 * What is put on the end of a wire.
 *
 * @param sealed a seal is slid on before the terminal
 */
public record WireEnd(Kind kind, boolean sealed) {
  /** Terminals by how they are held. */
  public enum Kind implements Code {
    RING_M8,
    RING_M6,
    /** Push-on receptacles by their width. */
    RECEPTACLE_6_3,
    RECEPTACLE_9_5,
    RECEPTACLE_2_8,
    PLUG_PIN,
    CRIMP_SPLICE,
    /** Onto a wire of the truck's own, soldered or crimped; never by a clamp that cuts into it. */
    TAP_ON
  }

  /** A receptacle of 6.3 mm takes no more copper, m². */
  private static final double MOST_IN_6_3 = 2.5e-6;

  /** Of a wire of so much copper at a part in its place. */
  static WireEnd of(Scheme.Placed placed, double area) {
    Part part = placed.part();
    boolean wet = placed.spot().kind() != Spot.Kind.CAB && placed.spot().kind() != Spot.Kind.BOX;
    if (part instanceof Part.Tap t) {
      return new WireEnd(t.feed() == Part.Feed.FUSE_BOX ? Kind.RING_M6 : Kind.RING_M8, false);
    } else if (part instanceof Part.Earth) {
      return new WireEnd(Kind.RING_M8, false);
    } else if (part instanceof Part.Line) {
      return new WireEnd(Kind.TAP_ON, false);
    } else if (part instanceof Part.Splice || part instanceof Part.Diode) {
      return new WireEnd(Kind.CRIMP_SPLICE, false);
    } else if (part instanceof Part.Motor || part instanceof Part.Contact && wet) {
      return new WireEnd(Kind.PLUG_PIN, wet);
    } else if (part instanceof Part.Load l) {
      boolean small = l.kind() == Part.Load.Kind.LAMP || l.kind() == Part.Load.Kind.GAUGE;
      return small ? new WireEnd(Kind.RECEPTACLE_2_8, false) : new WireEnd(Kind.PLUG_PIN, wet);
    } else if (part instanceof Part.Controller || part instanceof Part.Module) {
      return new WireEnd(Kind.PLUG_PIN, true);
    }
    return new WireEnd(
        area > MOST_IN_6_3 ? Kind.RECEPTACLE_9_5 : Kind.RECEPTACLE_6_3,
        part instanceof Part.Guard && placed.spot().kind() == Spot.Kind.FEED);
  }
}
