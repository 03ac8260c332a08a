package roadbreeze.core.roadlog;

import roadbreeze.core.circuit.Balance;
import roadbreeze.core.explain.Code;
import roadbreeze.core.log.Channel;

/** By how much a gauge of the truck reads too high, which a calibration seeks as well. */
public enum SensorOffset implements Code {
  COOLANT_READS(Channel.COOLANT),
  PAN_READS(Channel.PAN),
  FEED_READS(Channel.OIL_FEED);

  /** Nine in ten, K; own default for gauges of loggers. */
  static final double SPREAD = 2;

  private final Channel channel;

  SensorOffset(Channel channel) {
    this.channel = channel;
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

  double of(Balance at) {
    return switch (this) {
      case COOLANT_READS -> at.coolant();
      case PAN_READS -> at.sump();
      case FEED_READS -> at.feed();
    };
  }

  double[] of(ModelDrive.Driven driven) {
    return switch (this) {
      case COOLANT_READS -> driven.coolant();
      case PAN_READS -> driven.sump();
      case FEED_READS -> driven.feed();
    };
  }
}
