package roadbreeze.gauge;

import java.util.Locale;

/**
 * What the gauge showed at a moment.
 *
 * @param number from 1
 * @param millis since the drive began
 * @param values in the order of {@link SimulatedDrive#CHANNELS}; not a number where there is none
 */
record GaugeRow(long number, long millis, double[] values) {
  String line() {
    StringBuilder line = new StringBuilder("at ").append(number).append(' ').append(millis);
    for (double v : values) {
      line.append(' ').append(Double.isNaN(v) ? "-" : String.format(Locale.ROOT, "%.3f", v));
    }
    return line.toString();
  }
}
