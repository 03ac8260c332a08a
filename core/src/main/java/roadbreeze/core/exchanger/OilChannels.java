package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.TransmissionFluid;

/** Oil side of an oil cooler: one flat channel per tube pitch, 2 mm high, shared between passes. */
public final class OilChannels {
  private static final double CHANNEL_HEIGHT = 2e-3;
  private static final double EDGE = 4e-3;
  private static final double NOZZLE_LOSS = 1.5;

  private final ChannelSurface surface;
  private final ChannelSurface.Channel channel;
  private final double face;
  private final double flowLength;
  private final int channels;
  private final double hydraulicDiameter;
  private final double freeArea;
  private final double portArea;

  /**
   * @param width core width, along the oil's way, m
   * @param height m
   * @param depth m, above 8 mm
   * @param tubePitch m
   * @param passes 1 to the number of channels
   * @param portBore inside diameter of the ports, m
   */
  public OilChannels(
      double width,
      double height,
      double depth,
      double tubePitch,
      int passes,
      double portBore,
      ChannelSurface surface) {
    this.surface = surface;
    channel = new ChannelSurface.Channel(depth - EDGE, CHANNEL_HEIGHT, width);
    face = width * height;
    flowLength = width * passes;
    channels = (int) Math.max(passes, Math.floor(height / tubePitch + 1e-6));
    hydraulicDiameter = surface.hydraulicDiameter(channel);
    freeArea = (double) channels / passes * channel.area() * surface.openShare();
    portArea = Math.PI / 4 * portBore * portBore;
  }

  /** Oil inside the core without its ports, m³. */
  public double volume() {
    return channels * channel.area() * channel.length();
  }

  /** Reynolds number in the channels (-). */
  public double reynolds(double volumeFlow, TransmissionFluid oil, double temperature) {
    return volumeFlow / freeArea * hydraulicDiameter / (oil.kinematicViscosity(temperature) * 1e-6);
  }

  /**
   * Oil-side conductance with a wall as warm as the oil, W/(m²·K) of face.
   *
   * @param volumeFlow m³/s through the core, > 0
   * @param temperature mean of inlet and outlet, °C
   */
  public double conductance(double volumeFlow, TransmissionFluid oil, double temperature) {
    return conductance(volumeFlow, oil, temperature, 1);
  }

  /** The same with a {@link #wallFactor}. */
  public double conductance(
      double volumeFlow, TransmissionFluid oil, double temperature, double wall) {
    double film = surface.film(channel, volumeFlow / freeArea, oil, temperature);
    return perFace(wall * film);
  }

  /**
   * The same with the wall as the air cools it: {@code T_w = (h_o·T_o + h_a·T_a)/(h_o + h_a)}.
   *
   * @param airSide conductance of the air side, W/(m²·K) of face
   * @param air mean temperature of the air in the core, °C
   */
  public double conductanceAgainst(
      double volumeFlow, TransmissionFluid oil, double temperature, double airSide, double air) {
    double film = surface.film(channel, volumeFlow / freeArea, oil, temperature);
    double even = perFace(film);
    double wall = (even * temperature + airSide * air) / (even + airSide);
    return perFace(film * wallFactor(oil, temperature, TransmissionFluid.held(wall)));
  }

  private double perFace(double film) {
    return surface.conductance(channel, film) * channels / face;
  }

  /**
   * How much the oil's film at a colder or warmer wall gives less or more: {@code (μ/μ_w)^0.14}
   * (-).
   *
   * @param temperature of the oil, mean of inlet and outlet, °C
   * @param wall temperature, °C
   * @see "Sieder and Tate (1936), Ind. Eng. Chem. 28, 1429–1435"
   */
  public static double wallFactor(TransmissionFluid oil, double temperature, double wall) {
    return Math.pow(oil.viscosity(temperature) / oil.viscosity(wall), 0.14);
  }

  /** Pressure drop of the core without its ports, Pa. */
  public double corePressureDrop(double volumeFlow, TransmissionFluid oil, double temperature) {
    return corePressureDrop(volumeFlow, oil.density(temperature), oil.viscosity(temperature));
  }

  private double corePressureDrop(double volumeFlow, double density, double viscosity) {
    double velocity = volumeFlow / freeArea;
    double f = surface.friction(velocity * hydraulicDiameter * density / viscosity);
    return 4 * f * flowLength / hydraulicDiameter * density * velocity * velocity / 2;
  }

  /** Pressure drop of the core with its two ports (1.5 velocity heads each), Pa. */
  public double pressureDrop(double volumeFlow, TransmissionFluid oil, double temperature) {
    return pressureDrop(volumeFlow, oil.density(temperature), oil.viscosity(temperature));
  }

  /**
   * The same of a liquid.
   *
   * @param density kg/m³
   * @param viscosity dynamic, Pa·s
   */
  public double pressureDrop(double volumeFlow, double density, double viscosity) {
    double portVelocity = volumeFlow / portArea;
    return corePressureDrop(volumeFlow, density, viscosity)
        + 2 * NOZZLE_LOSS * density * portVelocity * portVelocity / 2;
  }

  /** True where the surface is asked outside its published Reynolds range. */
  public boolean extrapolated(double volumeFlow, TransmissionFluid oil, double temperature) {
    return !surface.published(reynolds(volumeFlow, oil, temperature));
  }
}
