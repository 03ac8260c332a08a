package roadbreeze.core.followup;

import java.util.Comparator;
import java.util.List;

/**
 * What an odometer was seen to show: between two readings a straight line, before and after them as
 * fast as between the first and the last, or as fast as usual.
 *
 * @param readings by day
 */
public record Odometer(List<Reading> readings) {
  /** Two readings say how fast a truck goes on only if so many days lie between them. */
  static final double TELLS = 14;

  /**
   * A reading.
   *
   * @param day of any calendar
   * @param distance m
   */
  public record Reading(double day, double distance) {}

  public Odometer {
    readings = readings.stream().sorted(Comparator.comparingDouble(Reading::day)).toList();
  }

  /**
   * How far it goes in a day, m.
   *
   * @param usual where no readings tell
   */
  public double perDay(double usual) {
    if (readings.size() < 2) {
      return usual;
    }
    Reading first = readings.get(0);
    Reading last = readings.get(readings.size() - 1);
    double days = last.day() - first.day();
    return days >= TELLS ? Math.max(0, last.distance() - first.distance()) / days : usual;
  }

  /**
   * What is driven between two days, m.
   *
   * @param usual m a day where no readings tell
   */
  public double between(double from, double to, double usual) {
    double rate = perDay(usual);
    return readings.isEmpty() ? rate * (to - from) : Math.max(0, at(to, rate) - at(from, rate));
  }

  private double at(double day, double rate) {
    Reading before = null;
    for (Reading r : readings) {
      if (r.day() > day) {
        if (before == null) {
          return r.distance() - rate * (r.day() - day);
        }
        double share = (day - before.day()) / (r.day() - before.day());
        return before.distance() + share * (r.distance() - before.distance());
      }
      before = r;
    }
    return before.distance() + rate * (day - before.day());
  }
}
