package roadbreeze.server.run;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.roadlog.ReadMoment;
import roadbreeze.core.vehicle.Surface;
import roadbreeze.server.check.MomentRead;
import roadbreeze.server.check.NeedlePlace;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Temperatures read off a gauge on a drive.
 *
 * @param afterMin since the drive began
 * @param place in words, empty where nobody said
 * @param speedKmh 0 where it stood at idle
 * @param fans whether those with a switch ran, null where nobody looked
 * @param airConditioning null where nobody said
 * @param gear null where nobody looked
 * @param needlePlace by the dash needle, 0 cold to 100, null where it was not read so
 * @param steadyMin how long nothing had moved
 */
public record RunMoment(
    @Id String id,
    @Within(min = 0, max = 1440, kind = Kind.PERIOD) double afterMin,
    @NotNull @Size(max = 40) String place,
    @Within(min = -15, max = 30, kind = Kind.PERCENT) double gradePercent,
    @Within(min = 0, max = 130, kind = Kind.SPEED) double speedKmh,
    @Within(min = -40, max = 55, kind = Kind.TEMPERATURE) double ambientC,
    @Within(min = -400, max = 5000, kind = Kind.ALTITUDE) double altitudeM,
    @Nullable Boolean fans,
    @Nullable Boolean airConditioning,
    @Nullable @Within(min = 1, max = 12, kind = Kind.COUNT) Integer gear,
    @NotNull MomentRead.Instrument readBy,
    @Nullable @Within(min = -40, max = 160, kind = Kind.TEMPERATURE) Double coolantC,
    @Nullable @Within(min = 0, max = 100, kind = Kind.PERCENT) Double needlePlace,
    @Nullable @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) Double panC,
    @Nullable @Within(min = -40, max = 250, kind = Kind.TEMPERATURE) Double feedC,
    @Within(min = 0, max = 60, kind = Kind.PERIOD) double steadyMin)
    implements Row {
  private static final double MINUTE = 60;

  /**
   * @param needle what its places mean on this truck
   */
  public ReadMoment toCore(List<NeedlePlace> needle) {
    double speed = Units.si(speedKmh, Kind.SPEED);
    boolean stands = speed < OperatingPoint.SPEED.low();
    OperatingPoint at =
        new OperatingPoint(
            stands ? 0 : gradePercent / 100,
            Math.max(OperatingPoint.SPEED.low(), speed),
            ambientC,
            altitudeM,
            airConditioning != null && airConditioning,
            OperatingPoint.Heater.BY_AMBIENT,
            gear == null ? OperatingPoint.FREE : gear,
            0,
            Surface.ASPHALT);
    return new ReadMoment(
        MINUTE * afterMin,
        at,
        stands,
        fans == null ? Double.NaN : fans ? 1 : 0,
        airConditioning != null,
        coolant(needle).orElse(Double.NaN),
        panC == null ? Double.NaN : panC,
        feedC == null ? Double.NaN : feedC,
        readBy.error(),
        MINUTE * steadyMin);
  }

  private OptionalDouble coolant(List<NeedlePlace> needle) {
    return readBy == MomentRead.Instrument.NEEDLE
        ? needlePlace == null ? OptionalDouble.empty() : NeedlePlace.celsius(needle, needlePlace)
        : Units.optional(coolantC);
  }
}
