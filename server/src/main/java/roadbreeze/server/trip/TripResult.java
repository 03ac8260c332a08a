package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Trace.Moment;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * What a build does on its job's road.
 *
 * @param build its id
 * @param problem why it cannot drive there, null where it can; then the rest is null
 * @param switched fans, in the order of time
 */
public record TripResult(
    String build,
    @Nullable Said problem,
    @Nullable TripPeak coolant,
    @Nullable TripPeak feed,
    @Nullable TripPeak pan,
    @Nullable TripTotals totals,
    @Nullable TripTrace trace,
    List<FanSwitched> switched) {

  /** A fan that comes on or stops. */
  public record FanSwitched(double timeS, Said.PartName fan, boolean on) {}

  /**
   * The moment of least headroom of a temperature.
   *
   * @param peakC its mean over {@code meanS}
   * @param limitC that counts there: the coolant boils earlier where the road is high
   * @param atS the middle of it
   * @param overS how long the limit is passed in all
   */
  public record TripPeak(
      double peakC,
      double limitC,
      double headroomK,
      double atS,
      double atKm,
      double meanS,
      double overS) {
    private static TripPeak of(Outcome.Peak peak, double window) {
      return new TripPeak(
          peak.value(),
          peak.limit(),
          peak.headroom(),
          peak.at().time(),
          peak.at().distance() / 1000,
          window,
          peak.over());
    }
  }

  /**
   * What the road takes.
   *
   * @param oilLifeH hours at 80 °C that age the oil as much
   * @param loudS with a fan above 70 % of its highest speed
   * @param fanFuelL of all fuel, what goes into fans
   */
  public record TripTotals(
      double timeS,
      double oilLifeH,
      double fanEnergyKwh,
      double loudS,
      double fuelL,
      double fanFuelL,
      double airConditioningFuelL) {
    private static TripTotals of(Outcome o) {
      return new TripTotals(
          o.seconds(),
          o.oilLife(),
          o.fanEnergy() / 3.6e6,
          o.loud(),
          o.fuel() * 1000,
          o.fanFuel() * 1000,
          o.airConditioningFuel() * 1000);
    }
  }

  /**
   * Moment by moment; all lists are as long as {@code timeS}.
   *
   * @param gear 0 in neutral and with the engine off
   * @param thermostatOpen share of its opening
   * @param fanShare speed of the fastest fan over the highest it can have
   */
  public record TripTrace(
      List<Double> timeS,
      List<Double> distanceKm,
      List<Double> elevationM,
      List<Double> ambientC,
      List<Double> speedKmh,
      List<Integer> gear,
      List<Boolean> locked,
      List<Double> coolantC,
      List<Double> coolantLimitC,
      List<Double> outletTankC,
      List<Double> panC,
      List<Double> feedC,
      List<Double> thermostatOpen,
      List<Double> fanShare) {

    private static TripTrace of(HaulCase.Driven driven) {
      List<Moment> told = thinned(driven.trace().moments());
      ToDoubleFunction<Moment> limit =
          Outcome.coolantLimit(driven.trace(), driven.of().setup(), driven.of().limits());
      return new TripTrace(
          list(told, Moment::time, 1),
          list(told, m -> m.distance() / 1000, 3),
          list(told, Moment::elevation, 1),
          list(told, Moment::ambient, 2),
          list(told, m -> 3.6 * m.speed(), 1),
          told.stream().map(Moment::gear).toList(),
          told.stream().map(Moment::locked).toList(),
          list(told, Moment::coolant, 2),
          list(told, limit, 2),
          list(told, Moment::outletTank, 2),
          list(told, Moment::sump, 2),
          list(told, Moment::feed, 2),
          list(told, Moment::opening, 3),
          list(told, m -> m.fans().fastest(), 3));
    }
  }

  /** Moments that are told at most; what happens between two of them is some seconds apart. */
  private static final int MOST = 600;

  static List<TripResult> all(JobContent job) {
    return job.builds().parallelStream().map(b -> of(job, b)).toList();
  }

  /** A build that cannot drive there says why. */
  static TripResult of(JobContent job, Build build) {
    try {
      return of(build.id(), job.driven(build).drive());
    } catch (RefusedException e) {
      return new TripResult(
          build.id(), Said.of(e.finding()), null, null, null, null, null, List.of());
    }
  }

  /** What came of a drive that was made already. */
  public static TripResult of(String build, HaulCase.Driven driven) {
    Outcome o = driven.outcome();
    return new TripResult(
        build,
        null,
        TripPeak.of(o.coolant(), Outcome.SHORT_MEAN),
        TripPeak.of(o.feed(), Outcome.SHORT_MEAN),
        TripPeak.of(o.pan(), Outcome.PAN_MEAN),
        TripTotals.of(o),
        TripTrace.of(driven),
        driven.trace().switchings().stream()
            .map(s -> new FanSwitched(s.time(), Said.PartName.of(s.fan()), s.on()))
            .toList());
  }

  /** Evenly, first and last among them. */
  private static List<Moment> thinned(List<Moment> moments) {
    int told = Math.min(MOST, moments.size());
    return IntStream.range(0, told)
        .mapToObj(
            i -> moments.get((int) Math.round((double) i * (moments.size() - 1) / (told - 1))))
        .toList();
  }

  private static List<Double> list(
      List<Moment> moments, ToDoubleFunction<Moment> what, int digits) {
    double scale = Math.pow(10, digits);
    return moments.stream().map(m -> Math.round(what.applyAsDouble(m) * scale) / scale).toList();
  }
}
