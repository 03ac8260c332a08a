package roadbreeze.core.vehicle;

/** Revolutions per minute to rad/s and back. */
public final class Rpm {
  private Rpm() {}

  public static double toRadPerSecond(double rpm) {
    return rpm * Math.PI / 30;
  }

  public static double fromRadPerSecond(double radPerSecond) {
    return radPerSecond * 30 / Math.PI;
  }
}
