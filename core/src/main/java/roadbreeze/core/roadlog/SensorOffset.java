package roadbreeze.core.roadlog;

import roadbreeze.core.explain.Code;
import roadbreeze.core.log.Channel;
import roadbreeze.core.sizing.Fluid;

/** By how much a gauge of the truck reads too high, which a calibration seeks as well. */
public enum SensorOffset implements Code {
  COOLANT_READS(Channel.COOLANT, Fluid.COOLANT),
  PAN_READS(Channel.PAN, Fluid.PAN),
  FEED_READS(Channel.OIL_FEED, Fluid.FEED);

  /** Nine in ten, K; own default for gauges of loggers. */
  static final double SPREAD = 2;

  private final Channel channel;
  private final Fluid fluid;

  SensorOffset(Channel channel, Fluid fluid) {
    this.channel = channel;
    this.fluid = fluid;
  }

  Channel channel() {
    return channel;
  }

  double of(ReadMoment read) {
    return switch (this) {
      case COOLANT_READS -> read.coolant();
      case PAN_READS -> read.pan();
      case FEED_READS -> read.feed();
    };
  }

  Fluid fluid() {
    return fluid;
  }

  double[] of(ModelDrive.Driven driven) {
    return switch (this) {
      case COOLANT_READS -> driven.coolant();
      case PAN_READS -> driven.sump();
      case FEED_READS -> driven.feed();
    };
  }
}
