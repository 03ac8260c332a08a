package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/** Where a driver's switch is put. */
public enum SwitchPlace implements Code {
  DASH(true, Spot.Kind.CAB),
  CONSOLE(true, Spot.Kind.CAB),
  /** Behind the seats: no hand gets there on the road. */
  REAR(false, Spot.Kind.CAB),
  UNDER_BONNET(false, Spot.Kind.BOX);

  private final boolean reached;
  private final Spot.Kind spot;

  SwitchPlace(boolean reached, Spot.Kind spot) {
    this.reached = reached;
    this.spot = spot;
  }

  /** By a driver with the belt on. */
  public boolean reached() {
    return reached;
  }

  Spot.Kind spot() {
    return spot;
  }
}
