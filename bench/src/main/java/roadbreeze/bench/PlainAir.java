package roadbreeze.bench;

import roadbreeze.core.air.Air;
import roadbreeze.core.stack.AirPath;
import roadbreeze.core.stack.Fan;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.Stack;

/**
 * Cold air through a pack of many fans, as plainly as it can be: each path's velocity by bisection,
 * inside each fan's pressure by bisection, one fan after another until none moves. Pullers on
 * shrouds and pushers only.
 */
final class PlainAir {
  private static final int HALVINGS = 44;
  private static final double STILL = 1e-5; // Pa
  private static final double ORIFICE = 0.6;

  private final Stack stack;
  private final Air air;
  private final double ram;
  private final double[] ratio;
  private final double[] pressure;

  private PlainAir(Stack stack, Air air, double speed, double[] ratio) {
    this.stack = stack;
    this.air = air;
    this.ratio = ratio;
    ram = stack.ramCoefficient() * air.density() * speed * speed / 2;
    pressure = new double[ratio.length];
  }

  /** Pressure of each fan, Pa. */
  static double[] pressures(Stack stack, Air air, double speed, double[] ratio) {
    PlainAir plain = new PlainAir(stack, air, speed, ratio);
    double moved;
    do {
      moved = 0;
      for (int f = 0; f < ratio.length; f++) {
        double before = plain.pressure[f];
        plain.solve(f);
        moved = Math.max(moved, Math.abs(plain.pressure[f] - before));
      }
    } while (moved > STILL);
    return plain.pressure;
  }

  private void solve(int f) {
    Fan fan = stack.fans().get(f);
    double low = -1000;
    double high = fan.curve().pressure(0, ratio[f], air.density());
    for (int i = 0; i < HALVINGS; i++) {
      pressure[f] = (low + high) / 2;
      double flow = 0;
      for (AirPath path : stack.paths()) {
        if (path.fans().contains(f)) {
          flow += path.area() * velocity(path);
        }
      }
      if (fan.curve().pressure(flow, ratio[f], air.density()) > pressure[f]) {
        low = pressure[f];
      } else {
        high = pressure[f];
      }
    }
  }

  /** Behind the front core of a path, m/s. */
  private double velocity(AirPath path) {
    double drive = path.ram() ? ram : 0;
    for (int f : path.fans()) {
      drive += pressure[f];
    }
    if (drive <= 0) {
      return 0;
    }
    double low = 0;
    double high = 60;
    for (int i = 0; i < HALVINGS; i++) {
      double front = (low + high) / 2;
      double behind = behind(path, front);
      double drop = (Stack.SYSTEM_LOSS + stack.openingLoss()) * air.density() / 2 * behind * behind;
      for (int place = 0; place < path.layers().size(); place++) {
        drop += drop(stack.layers().get(path.layers().get(place)), place == 0 ? front : behind);
      }
      if (drop > drive) {
        high = front;
      } else {
        low = front;
      }
    }
    return behind(path, low);
  }

  private double behind(AirPath path, double front) {
    Layer first = stack.layers().get(path.layers().get(0));
    double rim = 2 * (first.outline().width() + first.outline().height());
    double slot = ORIFICE * rim * first.openGap() / first.outline().area();
    return front + slot * Math.sqrt(2 * drop(first, front) / air.density());
  }

  private double drop(Layer layer, double velocity) {
    return layer.fin().pressureDrop(air.density() * velocity / (1 - layer.blockedFraction()), air);
  }
}
