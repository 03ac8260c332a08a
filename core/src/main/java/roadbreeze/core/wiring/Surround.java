package roadbreeze.core.wiring;

import roadbreeze.core.explain.Code;

/** What is round a wire, and how hot that gets; own defaults. */
public enum Surround implements Code {
  CAB(50),
  WING(60),
  RADIATOR(80),
  /** Nothing lasts here. */
  EXHAUST(105);

  private final double temperature;

  Surround(double temperature) {
    this.temperature = temperature;
  }

  /** °C. */
  public double temperature() {
    return temperature;
  }

  /** The hotter of two. */
  Surround or(Surround other) {
    return temperature >= other.temperature ? this : other;
  }
}
