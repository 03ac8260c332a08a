package roadbreeze.server.log;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.server.log.LogPlan.LogColumn;
import roadbreeze.server.message.Units;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** What a column of a log is, by its name, and in what, by its name or else by its numbers. */
final class ColumnGuess {
  private static final Map<Channel, List<String>> NAMES = read();

  /** A unit in brackets, or behind the last space, dash or underscore. */
  private static final Pattern IN_BRACKETS =
      Pattern.compile("^(.*?)\\s*[\\[(]([^\\])]*)[\\])]\\s*$");

  private static final Pattern BEHIND = Pattern.compile("^(.+?)[\\s_\\-.]+([^\\s_\\-]+)$");

  private ColumnGuess() {}

  private static Map<Channel, List<String>> read() {
    try (InputStream in = ColumnGuess.class.getResourceAsStream("/log/names.json")) {
      return JsonMapper.shared()
          .readValue(in, new TypeReference<EnumMap<Channel, List<String>>>() {});
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * @param name as the file has it
   * @param unit as the line under the names has it, empty where there is none
   * @param numbers of its first rows, rising
   */
  static LogColumn of(String name, String unit, double[] numbers, Units.World world) {
    Matcher brackets = IN_BRACKETS.matcher(name);
    boolean has = brackets.matches();
    String bare = has ? brackets.group(1) : name;
    String written = has && unit.isEmpty() ? brackets.group(2) : unit;
    Optional<Channel> channel = channel(bare);
    Matcher behind = BEHIND.matcher(bare);
    if (written.isEmpty() && behind.matches()) {
      Optional<Channel> shorter = channel(behind.group(1));
      if (shorter.isPresent() && Units.named(shorter.get().kind(), behind.group(2)).isPresent()) {
        channel = shorter;
        written = behind.group(2);
      }
    }
    // Nothing else of a truck turns at a speed that loggers record.
    boolean turns = channel.isEmpty() && Units.named(Kind.RPM, written).isPresent();
    Channel is = channel.orElse(turns ? Channel.RPM : Channel.OTHER);
    if (is == Channel.OTHER || is.kind() == Kind.COUNT) {
      return new LogColumn(name, is, "", false);
    }
    Optional<Units.Unit> said = Units.named(is.kind(), written);
    if (said.isPresent()) {
      return new LogColumn(name, is, said.get().label(), false);
    }
    boolean open =
        Units.of(is.kind()).units().size() > 1 || is.kind() == Kind.PERCENT && !onOff(numbers);
    return new LogColumn(name, is, byNumbers(is, numbers, world), open);
  }

  /** Words alone, or both of two numbers: what stood at nothing all the while says nothing. */
  private static boolean onOff(double[] numbers) {
    return numbers.length == 0
        || numbers[numbers.length - 1] == 1
            && Arrays.stream(numbers).allMatch(n -> n == 0 || n == 1);
  }

  /** The channel with the longest name that this one is, or begins or ends with. */
  private static Optional<Channel> channel(String name) {
    String plain =
        name.replaceAll("([a-z])([A-Z])", "$1 $2")
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9]+", " ")
            .strip();
    Channel best = null;
    int longest = 0;
    for (Map.Entry<Channel, List<String>> e : NAMES.entrySet()) {
      for (String known : e.getValue()) {
        boolean is =
            plain.equals(known)
                || plain.startsWith(known + " ")
                || plain.endsWith(" " + known)
                || known.length() > 4 && plain.contains(" " + known + " ");
        if (is && known.length() > longest) {
          best = e.getKey();
          longest = known.length();
        }
      }
    }
    return Optional.ofNullable(best);
  }

  /** A unit of any quantity that a logger records, or what stands under a column without one. */
  static boolean unit(String written) {
    return Stream.of(Channel.values()).anyMatch(c -> Units.named(c.kind(), written).isPresent())
        || NO_QUANTITY.matcher(written).matches();
  }

  private static final Pattern NO_QUANTITY = Pattern.compile("(?i)s|sec|ms|gps|hex");

  /** The unit in which the numbers are such as trucks have. */
  private static String byNumbers(Channel is, double[] numbers, Units.World world) {
    if (is.kind() == Kind.PERCENT) {
      return onOff(numbers) ? "" : "%";
    }
    double middle = numbers.length == 0 ? Double.NaN : numbers[numbers.length / 2];
    boolean metric = world == Units.World.METRIC;
    return switch (is) {
      case COOLANT, PAN, OIL_FEED, OIL_RETURN -> warmer(middle, 125, metric);
      case AMBIENT, INTAKE_AIR -> warmer(middle, 45, metric);
      case EXHAUST -> warmer(middle, 900, metric);
      case BAROMETER -> middle > 200 ? "hPa" : middle < 40 ? "inHg" : "kPa";
      case BOOST -> middle < 4 ? "bar" : middle > 40 ? "kPa" : metric ? "kPa" : "psi";
      case SPEED -> metric ? "km/h" : "mph";
      case ALTITUDE -> metric ? "m" : "ft";
      case VOLTAGE -> middle > 1000 ? "mV" : "V";
      default -> Units.of(is.kind()).units().get(0).label();
    };
  }

  /** What is hotter than a truck gets is in °F. */
  private static String warmer(double middle, double most, boolean metric) {
    return middle > most ? "°F" : metric || middle < most / 3 ? "°C" : "°F";
  }

  /** Of two columns that are called alike the first is it; the other is kept as it came. */
  static List<LogColumn> once(List<LogColumn> columns) {
    Set<Channel> seen = EnumSet.noneOf(Channel.class);
    List<LogColumn> once = new ArrayList<>();
    for (LogColumn c : columns) {
      boolean again = c.channel() != null && c.channel() != Channel.OTHER && !seen.add(c.channel());
      once.add(again ? new LogColumn(c.name(), Channel.OTHER, "", false) : c);
    }
    return once;
  }
}
