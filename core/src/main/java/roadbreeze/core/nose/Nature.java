package roadbreeze.core.nose;

/** What a thing does to what comes near it. */
public enum Nature {
  /** Wears a hole into a core that it touches. */
  METAL(0.010),
  /** Exhaust and its zone: nothing near it without a shield. */
  HOT(0.100),
  /** Drawn with all the room it sweeps; the engine rocks in its mounts beside that. */
  MOVING(0.025),
  HOSE(0.010),
  WIRE(0.010);

  private final double fromCore;

  Nature(double fromCore) {
    this.fromCore = fromCore;
  }

  /** What a core keeps from it, m. */
  public double fromCore() {
    return fromCore;
  }
}
