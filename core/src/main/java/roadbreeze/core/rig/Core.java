package roadbreeze.core.rig;

import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.stack.Rectangle;

/**
 * One of the truck's own cores.
 *
 * @param depth m
 * @param tubes inside of its coolant tubes, where it has such
 */
public record Core(
    Rectangle outline,
    double depth,
    double finsPerInch,
    FinMetal metal,
    RadiatorTubes.Surface tubes) {
  /** Tubes of radiators and condensers, m: the usual one of louvred cores. */
  public static final double TUBE_PITCH = 0.010;

  /** Width of a tank inside, m: own default. */
  private static final double TANK = 0.035;

  /** A core with the tubes that are usual for its metal. */
  public Core(Rectangle outline, double depth, double finsPerInch, FinMetal metal) {
    this(outline, depth, finsPerInch, metal, RadiatorTubes.Surface.usualOf(metal));
  }

  public RadiatorTubes coolantTubes() {
    return new RadiatorTubes(outline.width(), outline.height(), depth, TUBE_PITCH, tubes);
  }

  /**
   * Coolant in a radiator of such a core with its two tanks, m³: tubes as they are computed with,
   * tanks as deep as the core and {@link #TANK} wide; ±30 %.
   */
  public double holds() {
    return coolantTubes().volume(outline.width()) + 2 * TANK * outline.height() * depth;
  }

  public LouvredFin fin() {
    return new LouvredFin(depth, finsPerInch, TUBE_PITCH, metal);
  }

  /** The same with its size and fins multiplied. */
  Core scaled(double width, double height, double deep, double fins) {
    return new Core(
        new Rectangle(outline.x(), outline.y(), outline.width() * width, outline.height() * height),
        depth * deep,
        finsPerInch * fins,
        metal,
        tubes);
  }
}
