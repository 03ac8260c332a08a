package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/**
 * One wire of a circuit.
 *
 * @param id its two nodes, so that it stays what it is while others come and go
 * @param from node that it comes from, as current flows
 * @param device id of what it is there for
 */
public record Run(String id, Role role, String from, String to, String device) {
  /** What it carries. */
  public enum Role implements Code {
    /** From the feed to what switches it. */
    FEED,
    /** From there to what it is for. */
    LOAD,
    EARTH,
    /** A few tenths of an ampere, to coils and controllers. */
    CONTROL,
    /** To a thermal switch, probe or sender. */
    SENSOR;

    /** Its usual colour: red is live at any time, black is earth. */
    public Colour colour() {
      return switch (this) {
        case FEED -> Colour.RED;
        case LOAD -> Colour.BLUE;
        case EARTH -> Colour.BLACK;
        case CONTROL -> Colour.YELLOW;
        case SENSOR -> Colour.GREEN;
      };
    }

    /** It carries what a motor draws. */
    public boolean ofPower() {
      return this == FEED || this == LOAD || this == EARTH;
    }
  }

  /** Of a wire's insulation. */
  public enum Colour implements Code {
    RED,
    BLACK,
    BLUE,
    YELLOW,
    GREEN,
    WHITE,
    BROWN,
    ORANGE,
    GREY,
    VIOLET
  }
}
