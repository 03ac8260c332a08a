package roadbreeze.core.wiring;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A copper wire as it lies in a truck.
 *
 * @param area of its copper, m²
 * @param length of one wire, m
 * @param laid among others or by itself
 * @param surround temperature of what is round it, °C
 */
public record Wire(double area, double length, Laid laid, double surround) {
  public static final Range AREA = new Range(Quantity.WIRE_AREA, 0.2e-6, 100e-6);
  public static final Range LENGTH = new Range(Quantity.WIRE_LENGTH, 0.01, 30);
  public static final Range SURROUND = new Range(Quantity.WIRE_SURROUND, -40, 150);
  public static final Range CURRENT = new Range(Quantity.WIRE_CURRENT, 0, 1000);

  /** Insulation lasts to this, °C; ± 20 %, a maker's or a standard's rating wins if lower. */
  public static final double MOST = 105;

  /** Metric sizes, m²; ISO 6722. */
  private static final double[] SIZES = {
    0.5e-6, 0.75e-6, 1e-6, 1.5e-6, 2.5e-6, 4e-6, 6e-6, 10e-6, 16e-6, 25e-6
  };

  static final double LARGEST = SIZES[SIZES.length - 1];

  /** Of copper at 20 °C, Ω·m, and what it gains by the kelvin, 1/K. */
  private static final double RESISTIVITY = 1.724e-8;

  private static final double GAIN = 0.00393;
  private static final double AT = 20;

  /** How it gives its heat to the air, W/m²K. */
  public enum Laid {
    FREE(15),
    IN_LOOM(11);

    private final double film;

    Laid(double film) {
      this.film = film;
    }
  }

  public Wire {
    AREA.require(area);
    LENGTH.require(length);
    SURROUND.require(surround);
  }

  /** Sizes that are bought, the thinnest first, m². */
  public static List<Double> sizes() {
    return Arrays.stream(SIZES).boxed().toList();
  }

  /** Copper of an American wire gauge, m². */
  public static double gauge(int awg) {
    double diameter = 0.127e-3 * Math.pow(92, (36 - awg) / 39.0);
    return Math.PI / 4 * diameter * diameter;
  }

  /** Ω of its length. */
  public double resistance(double temperature) {
    return perMetre(temperature) * length;
  }

  private double perMetre(double temperature) {
    return RESISTIVITY * (1 + GAIN * (temperature - AT)) / area;
  }

  /** Heat that leaves a metre of it by the kelvin, W/(m·K). */
  private double cooling() {
    return laid.film * Math.PI * outside();
  }

  /** Over its insulation, m. */
  public double outside() {
    return (1.3 * Math.sqrt(area * 1e6) + 1.2) * 1e-3;
  }

  /** Of the copper under a current, °C; infinite where it runs away. */
  public double temperature(double current) {
    // I²·R'(T) = h·π·D·(T − surround), which is linear in T.
    double heat = CURRENT.require(current) * current * RESISTIVITY / area;
    double net = cooling() - heat * GAIN;
    return net > 0
        ? (cooling() * surround + heat * (1 - GAIN * AT)) / net
        : Double.POSITIVE_INFINITY;
  }

  /** The most current that its insulation lasts with, A; 0 where its surround alone is too hot. */
  public double carries() {
    return surround >= MOST ? 0 : Math.sqrt(cooling() * (MOST - surround) / perMetre(MOST));
  }

  /** Lost along it, as warm as the current makes it, V; infinite where that runs away. */
  public double drop(double current) {
    return current * resistance(temperature(current));
  }

  public Wire of(double otherArea) {
    return new Wire(otherArea, length, laid, surround);
  }

  /**
   * The smallest size that is bought which bears a current and loses no more than allowed.
   *
   * @param drop allowed on this wire, V
   * @return m²; empty where none does
   */
  public OptionalDouble chosen(double current, double drop) {
    return chosen(current, current, drop);
  }

  /**
   * The same, which bears the fuse before it too.
   *
   * @param bears A
   */
  OptionalDouble chosen(double current, double bears, double drop) {
    return Arrays.stream(SIZES)
        .filter(a -> of(a).carries() >= Math.max(current, bears) && of(a).drop(current) <= drop)
        .findFirst();
  }
}
