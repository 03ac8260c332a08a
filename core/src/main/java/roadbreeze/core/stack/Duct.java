package roadbreeze.core.stack;

import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.FinSurface;

/**
 * One path reduced to coefficients: {@code Δp = a·u^1.219 + b·u²}, apart for a front core that air
 * can get round. That leak is an orifice along the core's rim, {@code q = Cd·A·√(2Δp/ρ)} with the
 * core's own drop across it, spread over the core's face.
 */
final class Duct {
  /** Share of the grille's and exit's loss that the hot air behind the pack makes. */
  private static final double EXIT_SHARE = 0.5;

  /** Newton's steps shrink with their square: after one so small the next is lost in rounding. */
  private static final double NEXT_IS_LOST = 1e-7;

  private static final int MAX_STEPS = 100;

  private static final double ORIFICE = 0.6; // sharp-edged slot

  final double area;

  /** Indices of the fans that serve it. */
  final int[] fans;

  private final Stack stack;
  private final Air air;
  private final AirFactors factors;
  private final boolean takesRam;

  /** Velocity that leaks in behind the front core per root of its pressure drop, m/s/√Pa. */
  private final double leak;

  private double friction;
  private double inertia;
  private double frontFriction;
  private double frontInertia;

  /** Behind the front core, which is that of the whole path, m/s. */
  double velocity;

  /** How that rises with the drive, m/s/Pa. */
  double slope;

  /** Through the front core, m/s. */
  double front;

  /** Through the front core where any air last moved, m/s. */
  private double last;

  private final FinSurface[] fins;

  /** The air in each of its cores, as warm as it was last taken up. */
  final Air[] means;

  // What makes coefficients of mass flux through the open face those of face velocity.
  private final double[] frictionScale;
  private final double[] inertiaScale;

  /**
   * @param air ambient
   */
  Duct(Stack stack, int index, Air air, AirFactors factors) {
    this.stack = stack;
    this.air = air;
    this.factors = factors;
    AirPath path = stack.paths().get(index);
    int[] through = stack.layersOf(index);
    area = path.area();
    fans = stack.fansOf(index);
    takesRam = path.ram();
    fins = new FinSurface[through.length];
    means = new Air[through.length];
    frictionScale = new double[through.length];
    inertiaScale = new double[through.length];
    for (int i = 0; i < fins.length; i++) {
      Layer layer = stack.layers().get(through[i]);
      double flux = air.density() / (1 - layer.blockedFraction());
      fins[i] = layer.fin();
      frictionScale[i] = factors.friction() * Math.pow(flux, FinSurface.FRICTION_EXPONENT);
      inertiaScale[i] = flux * flux;
    }
    Layer front = stack.layers().get(through[0]);
    double rim = 2 * (front.outline().width() + front.outline().height());
    leak = ORIFICE * rim * front.openGap() / front.outline().area() * Math.sqrt(2 / air.density());
  }

  /** Starts where another came to rest. */
  void startFrom(Duct other) {
    last = other.last;
  }

  /** Takes up how warm the air is, °C: hot air is thin, and passes faster. */
  void warm(double[] core, double exit) {
    double hot = air.density() / air.warmedTo(exit).density();
    friction = 0;
    double grilleAndExit =
        Stack.SYSTEM_LOSS * factors.systemLoss() * (1 - EXIT_SHARE + EXIT_SHARE * hot);
    inertia = (grilleAndExit + stack.openingLoss()) * air.density() / 2;
    frontFriction = 0;
    frontInertia = 0;
    for (int i = 0; i < fins.length; i++) {
      means[i] = air.warmedTo(core[i]);
      double a = frictionScale[i] * fins[i].frictionCoefficient(means[i]);
      double b = inertiaScale[i] * fins[i].inertiaCoefficient(means[i]);
      if (i == 0 && leak > 0) {
        frontFriction = a;
        frontInertia = b;
      } else {
        friction += a;
        inertia += b;
      }
    }
  }

  /** What drives its air, Pa. */
  private double drive(double ram, double[] fanPressure) {
    double drive = takesRam ? ram : 0;
    for (int fan : fans) {
      drive += fanPressure[fan];
    }
    return drive;
  }

  /**
   * Finds the velocities, and how they rise.
   *
   * @param ram pressure, Pa
   * @param fanPressure of every fan of the pack, Pa
   */
  void blow(double ram, double[] fanPressure) {
    double drive = drive(ram, fanPressure);
    if (drive <= 0) {
      velocity = 0;
      front = 0;
      slope = 0;
      return;
    }
    if (leak > 0) {
      leaking(drive);
    } else {
      front = velocityFor(drive, friction, inertia, last);
      velocity = front;
      double power = friction * Math.pow(front, FinSurface.FRICTION_EXPONENT - 1);
      slope = 1 / (FinSurface.FRICTION_EXPONENT * power + 2 * inertia * front);
    }
    last = front;
  }

  /**
   * The path's drop rises with the velocity through its front core. Newton's method, halved into
   * its bracket where it leaves that.
   */
  private void leaking(double drive) {
    double low = 0;
    double high = Math.sqrt(drive / (inertia + frontInertia));
    double u = last > 0.1 * high && last < high ? last : high;
    for (int i = 0; i < MAX_STEPS; i++) {
      double power = frontFriction * Math.pow(u, FinSurface.FRICTION_EXPONENT);
      double square = frontInertia * u * u;
      double drop = power + square;
      double dropSlope = (FinSurface.FRICTION_EXPONENT * power + 2 * square) / u;
      double gap = leak * Math.sqrt(drop);
      double behind = u + gap;
      double behindSlope = 1 + gap * dropSlope / (2 * drop);
      double behindPower = friction * Math.pow(behind, FinSurface.FRICTION_EXPONENT);
      double behindSquare = inertia * behind * behind;
      double left = drop + behindPower + behindSquare - drive;
      double rising =
          dropSlope
              + (FinSurface.FRICTION_EXPONENT * behindPower + 2 * behindSquare)
                  / behind
                  * behindSlope;
      if (left > 0) {
        high = u;
      } else {
        low = u;
      }
      double next = u - left / rising;
      if (!(next > low && next < high)) {
        next = (low + high) / 2;
      }
      front = next;
      velocity = behind + behindSlope * (next - u);
      slope = behindSlope / rising;
      if (Math.abs(next - u) <= NEXT_IS_LOST * u) {
        return;
      }
      u = next;
    }
  }

  /**
   * Root of {@code a·u^1.219 + b·u² = p}. The left side is convex and rising, so Newton's method
   * lands above the root after its first step and falls to it without overshoot; a library's
   * bracketing solver was five times slower in this innermost loop.
   *
   * @param start where to begin, ≤ 0 if nothing is known
   */
  static double velocityFor(double drive, double friction, double inertia, double start) {
    if (drive <= 0) {
      return 0;
    }
    double highest = Math.sqrt(drive / inertia);
    double u = start > 0.1 * highest && start < highest ? start : highest;
    for (int i = 0; i < MAX_STEPS; i++) {
      double frictionDrop = friction * Math.pow(u, FinSurface.FRICTION_EXPONENT);
      double inertiaDrop = inertia * u * u;
      double step =
          (frictionDrop + inertiaDrop - drive)
              * u
              / (FinSurface.FRICTION_EXPONENT * frictionDrop + 2 * inertiaDrop);
      u -= step;
      if (Math.abs(step) <= NEXT_IS_LOST * u) {
        return u;
      }
    }
    return u;
  }
}
