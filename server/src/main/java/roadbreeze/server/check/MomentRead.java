package roadbreeze.server.check;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.OptionalDouble;
import roadbreeze.core.check.Moment;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.message.Units;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * Temperatures read on the road, driven so for some minutes.
 *
 * @param coolantC by reader or thermometer, null where nobody looked
 * @param needlePlace by the dash needle, 0 cold to 100, null where it was not read so
 */
public record MomentRead(
    @Id String id,
    @Within(min = -15, max = 30, kind = Kind.PERCENT) double gradePercent,
    @Within(min = 6, max = 130, kind = Kind.SPEED) double speedKmh,
    @Within(min = -40, max = 55, kind = Kind.TEMPERATURE) double ambientC,
    boolean airConditioning,
    @NotNull Instrument readBy,
    @Within(min = -40, max = 160, kind = Kind.TEMPERATURE) @Nullable Double coolantC,
    @Within(min = 0, max = 100, kind = Kind.PERCENT) @Nullable Double needlePlace,
    @Within(min = -40, max = 200, kind = Kind.TEMPERATURE) @Nullable Double panC)
    implements Row {

  /** What it was read with, and how far that is off in nine of ten, K; our own. */
  public enum Instrument {
    READER(2),
    /** On a hose or the pan's outside. */
    THERMOMETER(5),
    /** By the truck's own table. */
    NEEDLE(5);

    private final double error;

    Instrument(double error) {
      this.error = error;
    }

    /** Of a reading, nine in ten, K. */
    public double error() {
      return error;
    }
  }

  Moment toCore(OperatingPoint day, List<NeedlePlace> needle) {
    return new Moment(
        new OperatingPoint(
            gradePercent / 100,
            Units.si(speedKmh, Kind.SPEED),
            ambientC,
            day.altitude(),
            airConditioning),
        coolant(needle),
        Units.optional(panC),
        readBy.error,
        readBy == Instrument.NEEDLE);
  }

  private OptionalDouble coolant(List<NeedlePlace> needle) {
    return readBy == Instrument.NEEDLE
        ? needlePlace == null ? OptionalDouble.empty() : NeedlePlace.celsius(needle, needlePlace)
        : Units.optional(coolantC);
  }
}
