package roadbreeze.server.log;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.log.Channel;
import roadbreeze.server.message.Units;

/** Names of units as loggers write them. */
final class UnitName {
  private UnitName() {}

  /** Of a kind of quantity; by its label or any of its names, however they are spelled. */
  static Optional<Units.Unit> of(Kind kind, String written) {
    String plain = spelled(written);
    return plain.isEmpty()
        ? Optional.empty()
        : Units.of(kind).units().stream()
            .filter(
                u ->
                    spelled(u.label()).equals(plain)
                        || u.names().stream().anyMatch(n -> spelled(n).equals(plain)))
            .findFirst();
  }

  /** Of any quantity that a logger records. */
  static boolean any(String written) {
    return Stream.of(Channel.values()).anyMatch(c -> of(c.kind(), written).isPresent())
        || spelled(written).matches("s|sec|ms|gps|hex|rows?");
  }

  private static String spelled(String unit) {
    return unit.toLowerCase(Locale.ROOT).replaceAll("[°·/\\s.]", "");
  }
}
