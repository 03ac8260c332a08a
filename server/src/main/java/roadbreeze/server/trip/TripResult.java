package roadbreeze.server.trip;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.haul.HaulRun;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trace.Moment;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.server.message.Said;

/**
 * What a build does on a road, moment by moment; all lists are as long as {@code timeS}.
 *
 * @param thermostatOpen share of its opening
 * @param fanGrip of a fan's clutch, 1 without one
 * @param switched fans, in the order of time
 */
public record TripResult(
    List<Double> timeS,
    List<Double> distanceM,
    List<Double> speedKmh,
    List<Integer> gear,
    List<Double> coolantC,
    List<Double> outletTankC,
    List<Double> panC,
    List<Double> feedC,
    List<Double> thermostatOpen,
    List<Double> fanGrip,
    List<FanSwitched> switched,
    TripPeak coolant,
    TripPeak feed,
    TripPeak pan) {

  /** Moments that are told at most; what happens between two of them is a few seconds apart. */
  private static final int MOST = 1200;

  // A limit is broken by what lasts: the pan's oil by two minutes of it, the rest by seconds.
  private static final double SECONDS = 5;
  private static final double MINUTES = 120;

  /** A fan that comes on or stops. */
  public record FanSwitched(double timeS, Said.PartName fan, boolean on) {}

  /**
   * The worst of a temperature.
   *
   * @param peakC its worst mean over {@code meanS}
   * @param atS the middle of that
   */
  public record TripPeak(double peakC, double atS, double meanS) {
    private static TripPeak of(Trace.Peak peak, double window) {
      return new TripPeak(peak.value(), peak.time(), window);
    }
  }

  static TripResult of(TripRequest request) {
    Setup setup = request.job().setup(request.chosen());
    Trace trace =
        HaulRun.of(
            Assembly.rig(setup),
            request.trip(),
            request.start().toCore(),
            setup.switchedFans(),
            request.hysteresis());
    List<Moment> told = thinned(trace.moments());
    return new TripResult(
        list(told, Moment::time),
        list(told, Moment::distance),
        list(told, m -> 3.6 * m.speed()),
        told.stream().map(Moment::gear).toList(),
        list(told, Moment::coolant),
        list(told, Moment::outletTank),
        list(told, Moment::sump),
        list(told, Moment::feed),
        list(told, Moment::opening),
        list(told, Moment::engagement),
        trace.switchings().stream()
            .map(s -> new FanSwitched(s.time(), Said.PartName.of(s.fan()), s.on()))
            .toList(),
        TripPeak.of(trace.worst(Moment::coolant, SECONDS), SECONDS),
        TripPeak.of(trace.worst(Moment::feed, SECONDS), SECONDS),
        TripPeak.of(trace.worst(Moment::sump, MINUTES), MINUTES));
  }

  /** Evenly, first and last among them. */
  private static List<Moment> thinned(List<Moment> moments) {
    if (moments.size() <= MOST) {
      return moments;
    }
    List<Moment> told = new ArrayList<>();
    for (int i = 0; i < MOST; i++) {
      told.add(moments.get((int) Math.round((double) i * (moments.size() - 1) / (MOST - 1))));
    }
    return told;
  }

  private static List<Double> list(List<Moment> moments, ToDoubleFunction<Moment> what) {
    return moments.stream().map(what::applyAsDouble).toList();
  }
}
