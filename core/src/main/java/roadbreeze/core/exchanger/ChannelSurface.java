package roadbreeze.core.exchanger;

import roadbreeze.core.fluid.TransmissionFluid;

/** What stands in the flat channels of an oil cooler: its shape, heat and friction. */
public interface ChannelSurface {
  /** Nothing: the tube-and-fin family. */
  ChannelSurface PLAIN = new PlainChannel();

  /** Offset strips: the plate-fin and stacked-plate families. */
  ChannelSurface TURBULATED = new OffsetStrip();

  /**
   * A flat channel.
   *
   * @param width m
   * @param height m
   * @param length from one turn to the next, m
   */
  record Channel(double width, double height, double length) {
    double area() {
      return width * height;
    }
  }

  /** m */
  double hydraulicDiameter(Channel channel);

  /** Share of the channel's section that is left open (-). */
  double openShare();

  /**
   * Film coefficient with a wall as warm as the oil, W/(m²·K) of wetted surface.
   *
   * @param velocity in the open section, m/s
   * @param temperature mean of inlet and outlet, °C
   */
  double film(Channel channel, double velocity, TransmissionFluid oil, double temperature);

  /** Conductance of one channel at a film coefficient, W/K. */
  double conductance(Channel channel, double film);

  /** Fanning friction factor (-). */
  double friction(double re);

  /** True where the surface's correlations were published. */
  boolean published(double re);
}
