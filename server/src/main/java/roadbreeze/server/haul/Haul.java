package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.haul.Weather;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Limits;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.Within;

/**
 * A haul: the worst stretch of a road, held until the temperatures settle, and the road itself.
 *
 * @param heater of the cab, null where it is on when it is cold
 * @param road that the stretch is of, by its name
 * @param holdGear the selector is held so that no higher gear is taken, null where it is free
 * @param journey the road from end to end, null where only its worst stretch is asked about
 */
public record Haul(
    @NotBlank @Size(max = 80) String road,
    @Within(min = -15, max = 30, kind = Kind.PERCENT) double gradePercent,
    @Within(min = 5, max = 130, kind = Kind.SPEED) double speedKmh,
    @Within(min = -40, max = 60, kind = Kind.TEMPERATURE) double ambientC,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double altitudeM,
    boolean airConditioning,
    @Nullable Boolean heater,
    @Within(min = 1, max = 12, kind = Kind.COUNT) Integer holdGear,
    @Nullable @Valid Journey journey) {

  private static final double NOON = 12;

  /** With the heater by the weather and the gears left to the gearbox. */
  public Haul(
      String road,
      double gradePercent,
      double speedKmh,
      double ambientC,
      double altitudeM,
      boolean airConditioning) {
    this(road, gradePercent, speedKmh, ambientC, altitudeM, airConditioning, null, null, null);
  }

  public OperatingPoint toCore() {
    return new OperatingPoint(
        gradePercent / 100,
        speedKmh / 3.6,
        ambientC,
        altitudeM,
        airConditioning,
        cabHeater(),
        held());
  }

  private OperatingPoint.Heater cabHeater() {
    return heater == null
        ? OperatingPoint.Heater.BY_AMBIENT
        : heater ? OperatingPoint.Heater.ON : OperatingPoint.Heater.OFF;
  }

  private int held() {
    return holdGear == null ? OperatingPoint.FREE : holdGear;
  }

  /** The same haul on a road. */
  public Haul on(Journey other) {
    return new Haul(
        road,
        gradePercent,
        speedKmh,
        ambientC,
        altitudeM,
        airConditioning,
        heater,
        holdGear,
        other);
  }

  /**
   * A setup on the road from end to end.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if there is none, or all of it takes
   *     too long
   */
  public HaulCase driven(Setup setup, Limits limits) {
    if (journey == null) {
      throw Refusal.NO_ROAD.refuse();
    }
    return driven(journey, setup, limits);
  }

  /** The same; where there is no road its worst stretch is climbed from the level for a while. */
  public HaulCase drivenSomehow(Setup setup, Limits limits) {
    return driven(journey == null ? climb() : journey, setup, limits);
  }

  private HaulCase driven(Journey way, Setup setup, Limits limits) {
    Habits habits =
        new Habits(airConditioning, cabHeater(), held(), Double.POSITIVE_INFINITY, false);
    Trip trip = way.trip(habits);
    return new HaulCase(setup, trip, way.startOf(trip), limits);
  }

  /** A quarter of an hour on the level, and one on the stretch round its height. */
  private Journey climb() {
    double km = speedKmh / 4;
    double rise = km * 10 * gradePercent;
    double foot = Math.max(-400, altitudeM - rise / 2);
    return new Journey(
        road,
        List.of(
            RoadPoint.of("level", 0, foot, speedKmh),
            RoadPoint.of("foot", km, foot, speedKmh),
            RoadPoint.of("top", 2 * km, Math.min(5000, foot + rise), speedKmh)),
        ambientC + Weather.LAPSE * (altitudeM - foot),
        ambientC + Weather.LAPSE * (altitudeM - foot),
        NOON,
        Journey.StartWarmth.WARM,
        List.of());
  }
}
