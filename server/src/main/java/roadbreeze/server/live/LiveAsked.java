package roadbreeze.server.live;

import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.message.Units;

/** What is asked of a wheel, one word of it: {@code fan=1}. */
final class LiveAsked {
  private LiveAsked() {}

  /** With what one word asks beside what was asked before. */
  static LiveModel.Asked of(LiveModel.Asked before, String word) {
    int equals = word.indexOf('=');
    if (equals < 0) {
      return before;
    }
    double value = Double.parseDouble(word.substring(equals + 1));
    return switch (word.substring(0, equals)) {
      case "fan" -> new LiveModel.Asked(value > 0, before.gear(), before.fastest());
      case "gear" ->
          new LiveModel.Asked(
              before.fanFull(), value > 0 ? (int) value : OperatingPoint.FREE, before.fastest());
      case "fastest" ->
          new LiveModel.Asked(
              before.fanFull(),
              before.gear(),
              value > 0 ? Units.si(value, Kind.SPEED) : Double.POSITIVE_INFINITY);
      default -> before;
    };
  }
}
