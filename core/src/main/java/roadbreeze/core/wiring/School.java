package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/** The schools of switching something on by a temperature, or by hand. */
public enum School implements Code {
  /** A switch of one fixed temperature pulls a relay's coil to earth. */
  THERMAL_SWITCH(Side.EARTH),
  /** A controller that can be set, with a probe, feeds the coil. */
  CONTROLLER(Side.FEED),
  /** The engine's computer pulls the coil to earth. */
  COMPUTER_LOW(Side.EARTH),
  /** Or feeds it. */
  COMPUTER_HIGH(Side.FEED),
  /** It runs whenever its feed is live. */
  WITH_KEY(Side.FEED),
  /** The driver alone. */
  DRIVER_SWITCH(Side.FEED),
  /** Slow through a resistor by one relay, full past it by another. */
  TWO_RELAYS(Side.FEED),
  /** Two motors one after the other, then side by side, by three relays. */
  SERIES_PARALLEL(Side.FEED),
  /** A controller that chops, faster with more heat. */
  PULSE_WIDTH(Side.PULSED),
  /** Chopped as the engine's computer says. */
  COMPUTER_PULSED(Side.PULSED),
  /** An electric clutch on the engine's fan, by duty. */
  CLUTCH_DUTY(Side.PULSED);

  /** How it gets at a relay. */
  enum Side {
    /** The coil is fed, and let to earth. */
    EARTH,
    /** The coil is on earth, and fed. */
    FEED,
    /** There is no coil. */
    PULSED
  }

  private final Side side;

  School(Side side) {
    this.side = side;
  }

  Side side() {
    return side;
  }

  /** It has a slow speed and a fast one. */
  public boolean twoSpeeds() {
    return this == TWO_RELAYS || this == SERIES_PARALLEL;
  }

  /** The engine's computer decides, by a sensor of its own. */
  public boolean computed() {
    return this == COMPUTER_LOW || this == COMPUTER_HIGH || this == COMPUTER_PULSED;
  }

  /** A controller of its own decides. */
  boolean adjusted() {
    return switch (this) {
      case CONTROLLER, TWO_RELAYS, SERIES_PARALLEL, PULSE_WIDTH, CLUTCH_DUTY -> true;
      default -> false;
    };
  }

  /** It chops. */
  public boolean pulsed() {
    return side == Side.PULSED;
  }
}
