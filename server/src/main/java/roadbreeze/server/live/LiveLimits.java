package roadbreeze.server.live;

import jakarta.annotation.Nullable;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Limits;

/** What gauges are held against, °C; the coolant's limit falls with the height. */
record LiveLimits(Limits limits, Setup setup) {
  double coolant(double elevation) {
    return limits.coolantUnder(setup.boilingPoint(elevation));
  }

  /**
   * The fluid that is nearest to its limit.
   *
   * @param headroom K, below 0 where it is passed; both null where nothing is known
   */
  record Nearest(@Nullable Fluid fluid, @Nullable Double headroom) {}

  /** Of temperatures that are not a number where they are not known. */
  Nearest nearest(double elevation, double coolant, double feed, double pan) {
    Nearest nearest = new Nearest(null, null);
    nearest = nearer(nearest, Fluid.COOLANT, coolant(elevation) - coolant);
    nearest = nearer(nearest, Fluid.FEED, limits.feed() - feed);
    return nearer(nearest, Fluid.PAN, limits.pan() - pan);
  }

  private static Nearest nearer(Nearest than, Fluid fluid, double headroom) {
    boolean is = !Double.isNaN(headroom) && (than.headroom == null || headroom < than.headroom);
    return is ? new Nearest(fluid, headroom) : than;
  }
}
