package roadbreeze.core.fastener;

/** Metric coarse threads of a truck's nose. */
public enum Thread {
  M5(5, 0.8),
  M6(6, 1),
  M8(8, 1.25),
  M10(10, 1.5),
  M12(12, 1.75);

  private final double diameter;
  private final double pitch;

  Thread(double diameterMm, double pitchMm) {
    this.diameter = diameterMm / 1000;
    this.pitch = pitchMm / 1000;
  }

  /** Outside, m. */
  public double diameter() {
    return diameter;
  }

  /** m. */
  public double pitch() {
    return pitch;
  }
}
