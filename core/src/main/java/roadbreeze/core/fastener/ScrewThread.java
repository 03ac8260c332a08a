package roadbreeze.core.fastener;

/** Metric coarse threads of a truck's nose. */
public enum ScrewThread {
  M5(5, 0.8, 5.5, 6, 7, 13),
  M6(6, 1, 6.6, 10, 9, 16),
  M8(8, 1.25, 9, 25, 11, 20),
  M10(10, 1.5, 11, 49, 13, 24),
  M12(12, 1.75, 13.5, 85, 16, 26);

  private final double diameter;
  private final double pitch;
  private final double clearanceHole;
  private final double torque;
  private final double insertDrill;
  private final double socket;

  ScrewThread(
      double diameterMm,
      double pitchMm,
      double clearanceHoleMm,
      double torque,
      double insertDrillMm,
      double socketMm) {
    this.diameter = diameterMm / 1000;
    this.pitch = pitchMm / 1000;
    this.clearanceHole = clearanceHoleMm / 1000;
    this.torque = torque;
    this.insertDrill = insertDrillMm / 1000;
    this.socket = socketMm / 1000;
  }

  /** Outside, m. */
  public double diameter() {
    return diameter;
  }

  /** m. */
  public double pitch() {
    return pitch;
  }

  /** That it goes through with the usual play, m; ISO 273, medium. */
  public double clearanceHole() {
    return clearanceHole;
  }

  /** Of a screw of class 8.8, dry, N·m; ISO 898-1. The maker's manual comes first. */
  public double torque() {
    return torque;
  }

  /** For a rivet nut of this thread, m; the nut's own sheet comes first. */
  public double insertDrill() {
    return insertDrill;
  }

  /** Thickness of a plain washer, m; ISO 7089, rounded up. */
  double washer() {
    return diameter <= 5e-3
        ? 1.0e-3
        : diameter <= 8e-3 ? 1.6e-3 : diameter <= 10e-3 ? 2.0e-3 : 2.5e-3;
  }

  /** Height of a nut that locks itself, m; ISO 7040, rounded. */
  double nut() {
    return diameter;
  }

  /** The thread that a clearance hole is for: the largest that goes through it. */
  public static ScrewThread through(double hole) {
    ScrewThread largest = M5;
    for (ScrewThread thread : values()) {
      if (thread.diameter < hole) {
        largest = thread;
      }
    }
    return largest;
  }

  /** A socket with its drive is so long, m; own default. */
  public static final double SOCKET_LENGTH = 0.060;

  /** Room round a socket, on its diameter, m; own default. */
  private static final double ROUND_SOCKET = 0.002;

  /** Diameter of what a socket needs to get on its hexagon, m. */
  public double socketRoom() {
    return socket + ROUND_SOCKET;
  }

  /** Outside of a usual socket for its hexagon, m; ISO 2725. */
  public double socket() {
    return socket;
  }
}
