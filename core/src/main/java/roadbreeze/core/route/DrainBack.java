package roadbreeze.core.route;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.nose.Box;

/** How much of a cooler runs empty while the truck is parked. */
public final class DrainBack {
  /** Lower by less the other end does not draw it, m; own default. */
  private static final double LEAST_FALL = 0.050;

  /** A crest of so much over the port holds the oil back, m; own default. */
  private static final double DAM = 0.020;

  private DrainBack() {}

  /**
   * Whether oil runs out of a port while nothing pumps: its hose falls away from it and nowhere
   * rises over it.
   *
   * @param port of the cooler
   * @param route of its hose, either way round
   */
  public static boolean runsOut(Port port, Route route) {
    boolean starts = route.from().at().distance(port.at()) < route.to().at().distance(port.at());
    Port far = starts ? route.to() : route.from();
    double high = route.line().stream().mapToDouble(Vector3D::getY).max().orElse(port.at().getY());
    return port.at().getY() - far.at().getY() > LEAST_FALL && high - port.at().getY() < DAM;
  }

  /**
   * Share of a core that stands over a port (-).
   *
   * @param core where it stands
   */
  public static double over(Box core, Port port) {
    return Math.max(0, Math.min(1, (core.top() - port.at().getY()) / core.height()));
  }
}
