package roadbreeze.server.live;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.core.log.LogMark;
import roadbreeze.core.lookahead.AlarmSays;
import roadbreeze.core.roadlog.Recording;

/**
 * What the gauges show: the last believable number of each, how old that is, and the last minutes.
 * Not thread-safe.
 */
final class LiveGauges {
  /** A channel that says nothing for longer is stale, s. */
  private static final double STALE = 5;

  /** So much of a drive is remembered, s. */
  static final double REMEMBERED = 300;

  // A number is suddenly in another unit where it is what the last one is in that, K and °F.
  private static final double SAME_F = 8;
  private static final double OTHER = 12;

  private static final double ZERO_F = 32;
  private static final double PER_K = 1.8;

  private final Map<Channel, Double> shown = new EnumMap<>(Channel.class);
  private final Map<Channel, Double> shownAt = new EnumMap<>(Channel.class);
  private final Map<Channel, Double> unitSince = new EnumMap<>(Channel.class);

  /** Of those that are in another unit: what they come to in °C. */
  private final Map<Channel, Double> inUnit = new EnumMap<>(Channel.class);

  private final Map<Channel, Boolean> impossible = new EnumMap<>(Channel.class);
  private final Deque<Second> last = new ArrayDeque<>();
  private final Map<String, Double> others = new HashMap<>();
  private List<GaugeLines.GaugeColumn> columns = List.of();
  private double time;
  private double place;

  /** What was shown at about a second. */
  private record Second(double time, Map<Channel, Double> values) {}

  void columns(List<GaugeLines.GaugeColumn> ofGauge) {
    columns = ofGauge;
  }

  /** Goes on with a drive of which so much is kept, s. */
  void resumeAt(double seconds) {
    time = seconds;
  }

  /** Another drive: nothing of before is remembered. */
  void begin(double fromPlace) {
    shown.clear();
    shownAt.clear();
    unitSince.clear();
    impossible.clear();
    last.clear();
    time = 0;
    place = fromPlace;
  }

  /**
   * @return what of it is not to be believed, once that is over
   */
  List<LogMark> row(GaugeLines.Row row) {
    List<LogMark> doubts = new ArrayList<>();
    double step = Math.max(0, row.time() - time);
    time = row.time();
    for (int i = 0; i < columns.size(); i++) {
      GaugeLines.GaugeColumn column = columns.get(i);
      double value = row.values()[i];
      if (Double.isNaN(value)) {
        continue;
      }
      if (column.channel() == Channel.OTHER) {
        others.put(column.name(), value);
      } else {
        believed(column.channel(), i, value).ifPresent(doubts::add);
      }
    }
    place =
        others.containsKey(GaugeLines.PLACE)
            ? others.get(GaugeLines.PLACE)
            : place + shown.getOrDefault(Channel.SPEED, 0.0) * step;
    if (last.isEmpty() || time - last.getLast().time() >= 1) {
      last.add(new Second(time, new EnumMap<>(shownNow())));
      while (time - last.getFirst().time() > REMEMBERED) {
        last.remove();
      }
    }
    return doubts;
  }

  private Map<Channel, Double> shownNow() {
    Map<Channel, Double> now = new EnumMap<>(Channel.class);
    shown.forEach(
        (channel, value) -> {
          if (!isStale(channel)) {
            now.put(channel, value);
          }
        });
    return now;
  }

  private Optional<LogMark> believed(Channel channel, int column, double value) {
    impossible.put(channel, !channel.possible(value));
    if (!channel.possible(value)) {
      return Optional.empty(); // whoever keeps it marks it
    }
    if (channel.kind() == Kind.TEMPERATURE && inAnotherUnit(channel, value)) {
      return Optional.empty();
    }
    shown.put(channel, value);
    shownAt.put(channel, time);
    Double since = unitSince.remove(channel);
    return since == null
        ? Optional.empty()
        : Optional.of(new LogMark(LogMark.What.IMPOSSIBLE, column, since, time));
  }

  /** Only °F is looked for: no truck that is warm has the same number in both. */
  private boolean inAnotherUnit(Channel channel, double value) {
    Double before = unitSince.containsKey(channel) ? inUnit.get(channel) : shown.get(channel);
    if (before == null || Math.abs(value - before) < OTHER) {
      return false;
    }
    boolean other = Math.abs(value - (ZERO_F + PER_K * before)) < SAME_F;
    if (other) {
      unitSince.putIfAbsent(channel, time);
      inUnit.put(channel, (value - ZERO_F) / PER_K); // it goes on under its other number
    }
    return other;
  }

  /** SI; not a number where it is not known. */
  double value(Channel channel) {
    return shown.containsKey(channel) && !isStale(channel) ? shown.get(channel) : Double.NaN;
  }

  private boolean isStale(Channel channel) {
    return time - shownAt.getOrDefault(channel, Double.NEGATIVE_INFINITY) > STALE;
  }

  /** Names of channels that the gauge has, and that say nothing to be believed. */
  List<String> stale() {
    return columns.stream()
        .filter(c -> c.channel() != Channel.OTHER && isStale(c.channel()))
        .map(GaugeLines.GaugeColumn::name)
        .toList();
  }

  List<Finding> alarms() {
    List<Finding> alarms = new ArrayList<>();
    unitSince.keySet().forEach(c -> alarms.add(AlarmSays.UNIT_CHANGED.with(c)));
    impossible.forEach(
        (c, is) -> {
          if (is) {
            alarms.add(AlarmSays.NO_TRUCK_HAS.with(c));
          }
        });
    return alarms;
  }

  double time() {
    return time;
  }

  /** Along the road, m. */
  double place() {
    return place;
  }

  boolean resting() {
    return others.getOrDefault(GaugeLines.REST, 0.0) > 0;
  }

  /** The last minutes, second by second. */
  Recording recording() {
    double begin = last.isEmpty() ? 0 : last.getFirst().time();
    Recording.Builder log = new Recording.Builder(begin, Math.max(begin + 1, time));
    for (Second s : last) {
      s.values().forEach((channel, value) -> log.add(channel, s.time(), value));
    }
    return log.build();
  }

  /** Where it was when what is remembered began, m. */
  double placeBefore() {
    double driven = 0;
    double before = Double.NaN;
    for (Second s : last) {
      double step = Double.isNaN(before) ? 0 : s.time() - before;
      driven += s.values().getOrDefault(Channel.SPEED, 0.0) * step;
      before = s.time();
    }
    return place - driven;
  }
}
