package roadbreeze.server.haul;

import jakarta.annotation.Nullable;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.Trip;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * What the driver does from a place on, until the next of these.
 *
 * @param holdGear no higher gear is taken, null leaves it to the gearbox
 * @param noFasterKmh whatever the road allows, null leaves it to the road
 * @param fanFull fans that have a switch run, and a controlled clutch grips
 */
public record DriverChange(
    @Id String id,
    @Within(min = 0, max = RoadPoint.FARTHEST_KM, kind = Kind.DISTANCE) double fromKm,
    boolean airConditioning,
    @Nullable @Within(min = 1, max = 12, kind = Kind.COUNT) Integer holdGear,
    @Nullable @Within(min = 5, max = 130, kind = Kind.SPEED) Double noFasterKmh,
    boolean fanFull)
    implements Row {

  Trip.Change toCore(OperatingPoint.Heater heater) {
    return new Trip.Change(
        fromKm * 1000,
        new Habits(
            airConditioning,
            heater,
            holdGear == null ? OperatingPoint.FREE : holdGear,
            noFasterKmh == null ? Double.POSITIVE_INFINITY : noFasterKmh / 3.6,
            fanFull));
  }
}
