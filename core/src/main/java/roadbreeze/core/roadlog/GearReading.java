package roadbreeze.core.roadlog;

import java.util.Arrays;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.log.Channel;
import roadbreeze.core.vehicle.Driveline;
import roadbreeze.core.vehicle.Rpm;

/**
 * Gear and slip by engine speed over road speed. Locked gears stand in clusters at the ratios of
 * the driveline, all shifted alike where tyres or speedometer are not as entered; an engine that
 * turns faster than a gear's input slips in the converter, by rule in the highest gear it can.
 *
 * @param scale by which the clusters lie off the ratios as entered (-); above 1 the tyres are
 *     smaller, or the speed reads low
 * @param clustered share of the driven steps that lie in a cluster (-); not a number without rpm
 * @param gear by step; {@link #UNKNOWN}, or {@link #STANDING}
 * @param slip of the converter by step, 0 locked; not a number where it is not known
 */
public record GearReading(double scale, double clustered, int[] gear, double[] slip) {
  public static final int UNKNOWN = -1;
  public static final int STANDING = 0;

  /** Slower than this a ratio means nothing, m/s. */
  private static final double DRIVES = 3;

  /** A cluster is no wider than this to either side, relative; own default. */
  private static final double WIDTH = 0.025;

  /** Tyres and speedometers are not further off than this, relative. */
  private static final double FURTHEST = 0.12;

  private static final double SCALE_STEP = 0.0025;

  /** So many driven steps say where the clusters lie. */
  private static final int LEAST = 60;

  /** More slip than this is a clutch or neutral, not a converter at work (-). */
  private static final double MOST_SLIP = 0.6;

  public static GearReading of(Recording log, Driveline driveline) {
    int n = log.steps();
    double[] ratio = new double[n];
    int driven = 0;
    for (int i = 0; i < n; i++) {
      double v = log.at(Channel.SPEED, i);
      double rpm = log.at(Channel.RPM, i);
      // Engine turns per metre: what a locked gear makes of it.
      ratio[i] = v > DRIVES ? Rpm.toRadPerSecond(rpm) / v : Double.NaN;
      driven += Double.isNaN(ratio[i]) ? 0 : 1;
    }
    double scale = driven < LEAST ? 1 : scale(ratio, driveline);
    int[] gear = new int[n];
    double[] slip = new double[n];
    Arrays.fill(slip, Double.NaN);
    int clustered = 0;
    for (int i = 0; i < n; i++) {
      gear[i] = log.at(Channel.SPEED, i) <= DRIVES ? STANDING : UNKNOWN;
      if (!Double.isNaN(ratio[i])) {
        int g = highestUnder(ratio[i], driveline, scale);
        double turns = g == 0 ? Double.NaN : scale * driveline.inputPerMetre(g) / ratio[i];
        if (g > 0 && 1 - turns <= MOST_SLIP) {
          gear[i] = g;
          slip[i] = Math.abs(1 - turns) <= WIDTH ? 0 : 1 - turns;
          clustered += slip[i] == 0 ? 1 : 0;
        }
      }
      double recorded = log.at(Channel.GEAR, i);
      if (recorded >= 1 && recorded <= driveline.gears()) {
        gear[i] = (int) Math.round(recorded);
      }
    }
    double share = driven == 0 ? Double.NaN : (double) clustered / driven;
    return new GearReading(scale, share, gear, slip);
  }

  /** The gear of most of some steps; {@link OperatingPoint#FREE} where none is known. */
  int most(int from, int to) {
    int most = OperatingPoint.FREE;
    int longest = 0;
    for (int g = 1; g <= Arrays.stream(gear, from, to).max().orElse(0); g++) {
      int wanted = g;
      int steps = (int) Arrays.stream(gear, from, to).filter(k -> k == wanted).count();
      most = steps > longest ? g : most;
      longest = Math.max(longest, steps);
    }
    return most;
  }

  /** The highest gear whose input the engine turns at least as fast as; 0 where it is none. */
  private static int highestUnder(double ratio, Driveline driveline, double scale) {
    for (int g = driveline.gears(); g >= 1; g--) {
      if (ratio >= scale * driveline.inputPerMetre(g) * (1 - WIDTH)
          && (g == 1 || ratio < scale * driveline.inputPerMetre(g - 1) * (1 - WIDTH))) {
        return g;
      }
    }
    return 0;
  }

  /** Where most of the drive lies in clusters; the further off, the less it is believed. */
  private static double scale(double[] ratio, Driveline driveline) {
    double best = 1;
    double most = Double.NEGATIVE_INFINITY;
    for (double s = 1 - FURTHEST; s <= 1 + FURTHEST; s += SCALE_STEP) {
      double sum = 0;
      for (double r : ratio) {
        if (!Double.isNaN(r)) {
          double off = off(r, driveline, s) / (WIDTH / 2);
          sum += Math.exp(-off * off / 2);
        }
      }
      double believed = sum * (1 - 0.5 * Math.abs(s - 1) / FURTHEST);
      if (believed > most) {
        most = believed;
        best = s;
      }
    }
    return centred(ratio, driveline, best);
  }

  private static double centred(double[] ratio, Driveline driveline, double scale) {
    double sum = 0;
    int count = 0;
    for (double r : ratio) {
      double off = Double.isNaN(r) ? Double.NaN : signedOff(r, driveline, scale);
      if (Math.abs(off) <= WIDTH) {
        sum += off;
        count++;
      }
    }
    return count == 0 ? scale : scale * Math.exp(sum / count);
  }

  private static double off(double ratio, Driveline driveline, double scale) {
    return Math.abs(signedOff(ratio, driveline, scale));
  }

  /** To the nearest cluster, as a logarithm. */
  private static double signedOff(double ratio, Driveline driveline, double scale) {
    double nearest = Double.POSITIVE_INFINITY;
    for (int g = 1; g <= driveline.gears(); g++) {
      double off = Math.log(ratio / (scale * driveline.inputPerMetre(g)));
      if (Math.abs(off) < Math.abs(nearest)) {
        nearest = off;
      }
    }
    return nearest;
  }
}
