package roadbreeze.core.roadlog;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import roadbreeze.core.explain.Code;
import roadbreeze.core.log.Channel;
import roadbreeze.core.rig.FanSensor;
import roadbreeze.core.rig.FanSwitch;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.SwitchedFan;

/**
 * Which of a setup's switched fans ran: as recorded, or as their switches must have made it by the
 * temperatures that were recorded where their sensors sit.
 *
 * @param running by switched fan and step: 1 on, 0 off; not a number where it is not known
 */
public record FanReading(Source source, List<SwitchedFan> fans, double[][] running) {
  /** What says so. */
  public enum Source implements Code {
    RECORDED,
    /** Their switch points, on the recorded temperatures. */
    SWITCH_POINTS,
    /** No fan has a switch: the engine turns it, or it always runs. */
    NO_SWITCH,
    UNKNOWN
  }

  /** A fan's own channel says it runs from here up (-). */
  private static final double RUNS = 0.05;

  public static FanReading of(Recording log, Setup setup) {
    List<SwitchedFan> fans = setup.switchedFans();
    double[][] running = new double[fans.size()][];
    if (fans.isEmpty()) {
      return new FanReading(Source.NO_SWITCH, fans, running);
    }
    if (log.has(Channel.FAN)) {
      for (int k = 0; k < running.length; k++) {
        running[k] = new double[log.steps()];
        for (int i = 0; i < log.steps(); i++) {
          double share = log.at(Channel.FAN, i);
          running[k][i] = Double.isNaN(share) ? Double.NaN : share > RUNS ? 1 : 0;
        }
      }
      return new FanReading(Source.RECORDED, fans, running);
    }
    boolean any = false;
    for (int k = 0; k < running.length; k++) {
      running[k] = switched(log, fans.get(k).points());
      any |= Arrays.stream(running[k]).anyMatch(v -> !Double.isNaN(v));
    }
    return new FanReading(any ? Source.SWITCH_POINTS : Source.UNKNOWN, fans, running);
  }

  private static double[] switched(Recording log, FanSwitch points) {
    double[] runs = new double[log.steps()];
    Channel felt = channel(points.sensor());
    if (felt == null) {
      Arrays.fill(runs, Double.NaN);
      return runs;
    }
    double sensor = Double.NaN;
    double on = Double.NaN;
    for (int i = 0; i < runs.length; i++) {
      double there = log.at(felt, i);
      double lag = points.sensor().lag();
      sensor =
          Double.isNaN(there)
              ? Double.NaN
              : Double.isNaN(sensor) || lag == 0
                  ? there
                  : sensor + (there - sensor) * -Math.expm1(-log.step() / lag);
      if (Double.isNaN(sensor)) {
        on = Double.NaN;
      } else if (sensor >= points.on()) {
        on = 1;
      } else if (sensor <= points.off()) {
        on = 0;
      }
      // Between both points it stays as it was; before it was past one nobody knows.
      boolean asked = points.withAirConditioning() && log.at(Channel.AIR_CONDITIONING, i) > 0.5;
      runs[i] = asked ? 1 : on;
    }
    return runs;
  }

  /** Where its temperature is recorded; null where no logger has it, or a driver decides. */
  private static Channel channel(FanSensor sensor) {
    if (sensor == FanSensor.DRIVER) {
      return null;
    }
    return switch (sensor.place()) {
      case ENGINE_OUTLET -> Channel.COOLANT;
      case OIL_FEED -> Channel.OIL_FEED;
      case PAN -> Channel.PAN;
      case RADIATOR_OUTLET -> null;
    };
  }

  /** The switched fans that run in a step, by their places among these. */
  List<Integer> on(int i) {
    List<Integer> on = new ArrayList<>();
    for (int k = 0; k < running.length; k++) {
      if (running[k][i] > 0.5) {
        on.add(k);
      }
    }
    return on;
  }

  /** Of all fans in a step, 0 to 1 (-); not a number where it is not known. */
  public double share(int i) {
    return share(i, i + 1);
  }

  /** Mean of all fans over some steps, 0 to 1 (-); not a number where it is not known. */
  double share(int from, int to) {
    double sum = 0;
    for (double[] fan : running) {
      for (int i = from; i < to; i++) {
        sum += fan[i];
      }
    }
    return running.length == 0 ? 1 : sum / running.length / (to - from);
  }
}
