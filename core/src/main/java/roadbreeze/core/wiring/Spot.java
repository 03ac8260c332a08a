package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/**
 * Where a part of a circuit is.
 *
 * @param device id of what it belongs to, empty where all share it
 */
public record Spot(Kind kind, String device) {
  /** Places of a truck, and how hot it is round a wire there. */
  public enum Kind implements Code {
    FEED(Surround.WING),
    BOX(Surround.WING),
    EARTH(Surround.WING),
    CAB(Surround.CAB),
    ENGINE(Surround.RADIATOR),
    SENSOR(Surround.RADIATOR),
    DEVICE(Surround.RADIATOR);

    private final Surround surround;

    Kind(Surround surround) {
      this.surround = surround;
    }

    public Surround surround() {
      return surround;
    }
  }

  static Spot of(Kind kind) {
    return new Spot(kind, "");
  }
}
