package roadbreeze.core.line;

import roadbreeze.core.fluid.Liquid;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A smooth line with its fittings.
 *
 * @param length m
 * @param bore inside diameter, m
 * @param fittingLoss sum of K of its fittings, velocity heads (-)
 */
public record Line(double length, double bore, double fittingLoss) implements Resistance {
  public static final Range LENGTH = new Range(Quantity.LINE_LENGTH, 0, 30);
  public static final Range BORE = new Range(Quantity.LINE_BORE, 3e-3, 40e-3);
  public static final Range FITTING_LOSS = new Range(Quantity.FITTING_LOSS, 0, 100);

  public Line {
    LENGTH.require(length);
    BORE.require(bore);
    FITTING_LOSS.require(fittingLoss);
  }

  private double area() {
    return Math.PI / 4 * bore * bore;
  }

  @Override
  public double volume() {
    return area() * length;
  }

  public double reynolds(double volumeFlow, Liquid liquid, double temperature) {
    return volumeFlow / area() * bore * liquid.density(temperature) / liquid.viscosity(temperature);
  }

  @Override
  public double pressureDrop(double volumeFlow, double density, double viscosity) {
    if (volumeFlow <= 0) {
      return 0;
    }
    double velocity = volumeFlow / area();
    double head = density * velocity * velocity / 2;
    double friction = Churchill.frictionFactor(velocity * bore * density / viscosity, 0);
    return head * (friction * length / bore + fittingLoss);
  }
}
