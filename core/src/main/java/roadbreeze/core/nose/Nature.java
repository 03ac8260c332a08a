package roadbreeze.core.nose;

/** What a thing does to what comes near it. */
public enum Nature {
  /** Wears a hole into a core that it touches. */
  METAL(0.010, 0.010),
  /** Exhaust and its zone: nothing near it without a shield. */
  HOT(0.100, 0.100),
  /** Drawn with all the room it sweeps; the engine rocks in its mounts beside that. */
  MOVING(0.025, 0.050),
  HOSE(0.010, 0.005),
  WIRE(0.010, 0.005);

  private final double fromCore;
  private final double fromHose;

  Nature(double fromCore, double fromHose) {
    this.fromCore = fromCore;
    this.fromHose = fromHose;
  }

  /** What a core keeps from it, m. */
  public double fromCore() {
    return fromCore;
  }

  /** What an oil hose keeps from it unguarded, m; from hose and wire own defaults. */
  public double fromHose() {
    return fromHose;
  }
}
