package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.TransmissionFluid;

/** An empty flat channel: laminar entry, then Gnielinski; each pass starts anew. */
final class PlainChannel implements ChannelSurface {
  @Override
  public double hydraulicDiameter(Channel c) {
    return 2 * c.width() * c.height() / (c.width() + c.height());
  }

  @Override
  public double openShare() {
    return 1;
  }

  @Override
  public double film(Channel c, double velocity, TransmissionFluid oil, double temperature) {
    double diameter = hydraulicDiameter(c);
    double pr = oil.prandtl(temperature);
    double re = velocity * diameter / (oil.kinematicViscosity(temperature) * 1e-6);
    LaminarEntry entry = new LaminarEntry(diameter / c.length());
    return TubeFlow.SMOOTH.nusselt(re, pr, entry) * oil.conductivity(temperature) / diameter;
  }

  @Override
  public double conductance(Channel c, double film) {
    return film * 2 * (c.width() + c.height()) * c.length();
  }

  @Override
  public double friction(double re) {
    double laminar = 24 / re;
    // Petukhov's friction past the laminar end, never below the laminar value where they cross.
    return re <= TubeFlow.SMOOTH.laminarEnd()
        ? laminar
        : Math.max(laminar, Math.pow(0.79 * Math.log(re) - 1.64, -2) / 4);
  }

  @Override
  public boolean published(double re) {
    return true;
  }
}
