package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.TransmissionFluid;

/**
 * Offset strips. Published for Re 120 to 10⁴ on gases; thick oil runs below that, where the power
 * law is kept (±25 %).
 *
 * @see "Manglik and Bergles (1995), Exp. Thermal Fluid Sci. 10, 171–180"
 */
final class OffsetStrip implements ChannelSurface {
  private static final double REYNOLDS_LOW = 120;
  private static final double STRIP_SPACING = 2.0e-3;
  private static final double STRIP_HEIGHT = 2.0e-3;
  private static final double STRIP_THICKNESS = 0.2e-3;
  private static final double STRIP_LENGTH = 3.2e-3;
  private static final double STRIP_CONDUCTIVITY = 205;

  private static final double NET_SPACING = STRIP_SPACING - STRIP_THICKNESS;
  private static final double NET_HEIGHT = STRIP_HEIGHT - STRIP_THICKNESS;
  private static final double STRIP_HYDRAULIC_DIAMETER =
      4
          * NET_SPACING
          * NET_HEIGHT
          * STRIP_LENGTH
          / (2
                  * (NET_SPACING * STRIP_LENGTH
                      + NET_HEIGHT * STRIP_LENGTH
                      + STRIP_THICKNESS * NET_HEIGHT)
              + STRIP_THICKNESS * NET_SPACING);
  // Manglik and Bergles (1995): α = s'/h', δ = t/l, γ = t/s'.
  private static final double ALPHA = NET_SPACING / NET_HEIGHT;
  private static final double DELTA = STRIP_THICKNESS / STRIP_LENGTH;
  private static final double GAMMA = STRIP_THICKNESS / NET_SPACING;
  private static final double F_SHAPE =
      9.6243 * Math.pow(ALPHA, -0.1856) * Math.pow(DELTA, 0.3053) * Math.pow(GAMMA, -0.2659);
  private static final double F_BLEND =
      7.669e-8 * Math.pow(ALPHA, 0.920) * Math.pow(DELTA, 3.767) * Math.pow(GAMMA, 0.236);
  private static final double J_SHAPE =
      0.6522 * Math.pow(ALPHA, -0.1541) * Math.pow(DELTA, 0.1499) * Math.pow(GAMMA, -0.0678);
  private static final double J_BLEND =
      5.269e-5 * Math.pow(ALPHA, 0.504) * Math.pow(DELTA, 0.456) * Math.pow(GAMMA, -1.055);

  @Override
  public double hydraulicDiameter(Channel c) {
    return STRIP_HYDRAULIC_DIAMETER;
  }

  @Override
  public double openShare() {
    return NET_SPACING * NET_HEIGHT / (STRIP_SPACING * STRIP_HEIGHT);
  }

  @Override
  public double film(Channel c, double velocity, TransmissionFluid oil, double temperature) {
    double nu = oil.kinematicViscosity(temperature) * 1e-6;
    double rho = oil.density(temperature);
    double cp = oil.specificHeat(temperature);
    double pr = nu * rho * cp / oil.conductivity(temperature);
    double re = velocity * STRIP_HYDRAULIC_DIAMETER / nu;
    double j = J_SHAPE * Math.pow(re, -0.5403) * Math.pow(1 + J_BLEND * Math.pow(re, 1.340), 0.1);
    return j * rho * velocity * cp / Math.pow(pr, 2.0 / 3);
  }

  @Override
  public double conductance(Channel c, double film) {
    double efficiency = FinEfficiency.of(film, STRIP_CONDUCTIVITY, STRIP_THICKNESS, NET_HEIGHT / 2);
    double strips = c.width() / STRIP_SPACING;
    return film * strips * c.length() * (2 * NET_SPACING + 2 * NET_HEIGHT * efficiency);
  }

  @Override
  public double friction(double re) {
    return F_SHAPE * Math.pow(re, -0.7422) * Math.pow(1 + F_BLEND * Math.pow(re, 4.429), 0.1);
  }

  @Override
  public boolean published(double re) {
    return re >= REYNOLDS_LOW;
  }
}
