package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.TransmissionFluid;

/** Oil side of an oil cooler: one flat channel per tube pitch, 2 mm high, shared between passes. */
public final class OilChannels {
  /** What stands in the channels. */
  public enum Surface {
    /** Plain flat channel, tube-and-fin family. */
    PLAIN,
    /** Offset strips, plate-fin and stacked-plate families. */
    TURBULATED
  }

  /** Reynolds number below which the offset-strip correlation is extrapolated (±25 %). */
  public static final double TURBULATED_REYNOLDS_LOW = 120;

  private static final double CHANNEL_HEIGHT = 2e-3;
  private static final double EDGE = 4e-3;
  private static final double STRIP_SPACING = 2.0e-3;
  private static final double STRIP_THICKNESS = 0.2e-3;
  private static final double STRIP_LENGTH = 3.2e-3;
  private static final double STRIP_CONDUCTIVITY = 205;
  private static final double NOZZLE_LOSS = 1.5;

  private static final double NET_SPACING = STRIP_SPACING - STRIP_THICKNESS;
  private static final double NET_HEIGHT = CHANNEL_HEIGHT - STRIP_THICKNESS;
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

  private final Surface surface;
  private final double coreWidth;
  private final double face;
  private final double flowLength;
  private final double channelWidth;
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
      Surface surface) {
    this.surface = surface;
    coreWidth = width;
    face = width * height;
    flowLength = width * passes;
    channelWidth = depth - EDGE;
    channels = (int) Math.max(passes, Math.floor(height / tubePitch + 1e-6));
    double channelsPerPass = (double) channels / passes;
    if (surface == Surface.TURBULATED) {
      hydraulicDiameter = STRIP_HYDRAULIC_DIAMETER;
      freeArea =
          channelsPerPass
              * channelWidth
              * CHANNEL_HEIGHT
              * (NET_SPACING * NET_HEIGHT / (STRIP_SPACING * CHANNEL_HEIGHT));
    } else {
      hydraulicDiameter = 2 * channelWidth * CHANNEL_HEIGHT / (channelWidth + CHANNEL_HEIGHT);
      freeArea = channelsPerPass * channelWidth * CHANNEL_HEIGHT;
    }
    portArea = Math.PI / 4 * portBore * portBore;
  }

  /** Oil inside the core without its ports, m³. */
  public double volume() {
    return channels * channelWidth * CHANNEL_HEIGHT * coreWidth;
  }

  /** Reynolds number in the channels (-). */
  public double reynolds(double volumeFlow, TransmissionFluid oil, double temperature) {
    return volumeFlow / freeArea * hydraulicDiameter / (oil.kinematicViscosity(temperature) * 1e-6);
  }

  /**
   * Oil-side conductance, W/(m²·K) of face.
   *
   * @param volumeFlow m³/s through the core, > 0
   * @param temperature bulk, °C
   */
  public double conductance(double volumeFlow, TransmissionFluid oil, double temperature) {
    double nu = oil.kinematicViscosity(temperature) * 1e-6;
    double rho = oil.density(temperature);
    double cp = oil.specificHeat(temperature);
    double k = oil.conductivity(temperature);
    double pr = nu * rho * cp / k;
    double velocity = volumeFlow / freeArea;
    double re = velocity * hydraulicDiameter / nu;
    if (surface == Surface.TURBULATED) {
      double j = J_SHAPE * Math.pow(re, -0.5403) * Math.pow(1 + J_BLEND * Math.pow(re, 1.340), 0.1);
      double h = j * rho * velocity * cp / Math.cbrt(pr * pr);
      double mL = Math.sqrt(2 * h / (STRIP_CONDUCTIVITY * STRIP_THICKNESS)) * NET_HEIGHT / 2;
      double finEfficiency = Math.tanh(mL) / mL;
      double strips = channelWidth / STRIP_SPACING * channels;
      return h * strips * coreWidth * (2 * NET_SPACING + 2 * NET_HEIGHT * finEfficiency) / face;
    }
    // Hausen-type entry length: each pass starts anew, so the length is the core width.
    double graetz = hydraulicDiameter / coreWidth * re * pr;
    double laminar = 7.54 + 0.03 * graetz / (1 + 0.016 * Math.cbrt(graetz * graetz));
    double nusselt = TubeFlow.nusselt(re, pr, laminar);
    double wetted = channels * 2 * (channelWidth + CHANNEL_HEIGHT) * coreWidth;
    return nusselt * k / hydraulicDiameter * wetted / face;
  }

  /** Pressure drop of the core without its ports, Pa. */
  public double corePressureDrop(double volumeFlow, TransmissionFluid oil, double temperature) {
    double velocity = volumeFlow / freeArea;
    double re = reynolds(volumeFlow, oil, temperature);
    double f; // Fanning
    if (surface == Surface.TURBULATED) {
      f = F_SHAPE * Math.pow(re, -0.7422) * Math.pow(1 + F_BLEND * Math.pow(re, 4.429), 0.1);
    } else if (re <= TubeFlow.LAMINAR_END) {
      f = 24 / re;
    } else {
      // Petukhov's friction past the laminar end, never below the laminar value where they cross.
      f = Math.max(24 / re, Math.pow(0.79 * Math.log(re) - 1.64, -2) / 4);
    }
    return 4
        * f
        * flowLength
        / hydraulicDiameter
        * oil.density(temperature)
        * velocity
        * velocity
        / 2;
  }

  /** Pressure drop of the core with its two ports (1.5 velocity heads each), Pa. */
  public double pressureDrop(double volumeFlow, TransmissionFluid oil, double temperature) {
    double portVelocity = volumeFlow / portArea;
    return corePressureDrop(volumeFlow, oil, temperature)
        + 2 * NOZZLE_LOSS * oil.density(temperature) * portVelocity * portVelocity / 2;
  }

  /** True where the turbulated surface is asked below its published Reynolds range. */
  public boolean extrapolated(double volumeFlow, TransmissionFluid oil, double temperature) {
    return surface == Surface.TURBULATED
        && reynolds(volumeFlow, oil, temperature) < TURBULATED_REYNOLDS_LOW;
  }
}
