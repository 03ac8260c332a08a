package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/** Where a controller is, with what it is set by. */
public enum AdjusterPlace implements Code {
  BOX(Spot.Kind.BOX),
  CAB(Spot.Kind.CAB);

  private final Spot.Kind spot;

  AdjusterPlace(Spot.Kind spot) {
    this.spot = spot;
  }

  Spot.Kind spot() {
    return spot;
  }
}
