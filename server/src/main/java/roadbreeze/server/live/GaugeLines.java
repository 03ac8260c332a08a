package roadbreeze.server.live;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.server.message.Units;

/** Lines of a gauge ({@code docs/gauge-link.md}), read: rows become numbers in SI. */
final class GaugeLines {
  /** More is no gauge. */
  private static final int MOST_CHANNELS = 60;

  private static final Map<String, Channel> NAMES = new HashMap<>();

  /** What a gauge of this protocol says first, before its name. */
  static final String GREETING = "gauge 1 ";

  /** Along the road; no channel of a log. */
  static final String PLACE = "place";

  /** Somebody holds it standing; no channel of a log. */
  static final String REST = "rest";

  static {
    NAMES.put("coolant", Channel.COOLANT);
    NAMES.put("pan", Channel.PAN);
    NAMES.put("feed", Channel.OIL_FEED);
    NAMES.put("ambient", Channel.AMBIENT);
    NAMES.put("speed", Channel.SPEED);
    NAMES.put("rpm", Channel.RPM);
    NAMES.put("gear", Channel.GEAR);
    NAMES.put("fan", Channel.FAN);
    NAMES.put("ac", Channel.AIR_CONDITIONING);
    NAMES.put("volts", Channel.VOLTAGE);
  }

  private GaugeLines() {}

  /**
   * What stands in a row.
   *
   * @param unit as the gauge says it, empty where it is a number alone
   */
  record GaugeColumn(String name, Channel channel, String unit, Units.Unit in) {}

  /** A row: SI, a column each; not a number where there is none. */
  record Row(long number, double time, double[] values) {}

  /** Of the line that says so; empty if it is none. */
  static Optional<List<GaugeColumn>> columns(String line) {
    String[] words = line.split(" ");
    if (words.length < 2 || words.length > MOST_CHANNELS) {
      return Optional.empty();
    }
    List<GaugeColumn> columns = new ArrayList<>();
    for (int i = 1; i < words.length; i++) {
      int colon = words[i].indexOf(':');
      String name = colon < 0 ? words[i] : words[i].substring(0, colon);
      String unit = colon < 0 ? "" : words[i].substring(colon + 1);
      Channel channel = NAMES.getOrDefault(name, Channel.OTHER);
      Kind kind = name.equals(PLACE) ? Kind.DISTANCE : channel.kind();
      Units.Unit in =
          Units.of(kind).units().stream()
              .filter(u -> u.label().equals(unit))
              .findFirst()
              .orElseGet(() -> new Units.Unit(unit, List.of(), 1, null));
      columns.add(new GaugeColumn(name, channel, unit, in));
    }
    return Optional.of(columns);
  }

  /** A row; empty where the line is broken. */
  static Optional<Row> row(String line, List<GaugeColumn> columns) {
    String[] words = line.split(" ");
    if (words.length != columns.size() + 3) {
      return Optional.empty();
    }
    try {
      double[] values = new double[columns.size()];
      for (int i = 0; i < values.length; i++) {
        String word = words[i + 3];
        double value = word.equals("-") ? Double.NaN : Double.parseDouble(word);
        values[i] = Double.isFinite(value) ? columns.get(i).in().toSi(value) : Double.NaN;
      }
      return Optional.of(
          new Row(Long.parseLong(words[1]), Long.parseLong(words[2]) / 1000.0, values));
    } catch (NumberFormatException e) {
      return Optional.empty();
    }
  }
}
