package roadbreeze.core.haul;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.vehicle.Powertrain;

/**
 * A rig on its road with somebody at the wheel: it goes on from where it is for as long as asked,
 * driven as it is meanwhile, and stands where the road stands. Not thread-safe.
 */
public final class WheelDrive {
  /** Nearer to a place it is there, m. */
  private static final double THERE = 1;

  /** Less is no time, s. */
  private static final double OVER = 1e-6;

  private final HaulCase of;
  private final Rig rig;
  private final Trip trip;
  private final Deque<Road.Point> stops = new ArrayDeque<>();
  private final double end;

  private Factors factors = Factors.NOMINAL;
  private Habits driving;
  private boolean resting;
  private double time;
  private double place;
  private HaulRun.Carry carry;
  private Trace.Moment last;

  public WheelDrive(HaulCase of, Rig rig) {
    this.of = of;
    this.rig = rig;
    List<Road.Point> points = of.trip().road().points();
    points.stream().filter(p -> p.stop().isPresent()).forEach(stops::add);
    trip = new Trip(of.trip().road().withoutStops(), of.trip().weather(), of.trip().driving());
    place = points.get(0).distance();
    end = points.get(points.size() - 1).distance();
    driving = trip.habitsAt(place);
  }

  /** From here on it is driven so. */
  public void drive(Habits then) {
    driving = then;
  }

  public Habits driving() {
    return driving;
  }

  /** Stands at a raised idle until it is told to go on. */
  public void rest(boolean stands) {
    resting = stands;
  }

  public boolean resting() {
    return resting;
  }

  /** From here on it is another truck than its model. */
  public void with(Factors truck) {
    factors = truck;
  }

  /** Since it set out, s. */
  public double time() {
    return time;
  }

  /** Along the road, m. */
  public double place() {
    return place;
  }

  public boolean arrived() {
    return place > end - THERE && stops.isEmpty();
  }

  /** As another run would begin from here. */
  public HaulRun.Start state() {
    return carry == null ? of.start() : carry.start();
  }

  /** Where it is; empty before it has set out. */
  public Optional<Trace.Moment> now() {
    return Optional.ofNullable(last);
  }

  /**
   * Drives on for so long at least; a stop of the road is stood to its end.
   *
   * @param seconds above 0
   * @return what it did, by times since it set out
   * @throws roadbreeze.core.problem.RefusedException if it cannot drive there
   */
  public List<Trace.Moment> goOn(double seconds) {
    List<Trace.Moment> done = new ArrayList<>();
    double until = time + seconds;
    while (time < until - OVER && !arrived()) {
      done.addAll(leg(until - time));
    }
    return done;
  }

  private List<Trace.Moment> leg(double seconds) {
    Road.Point next = stops.peek();
    boolean there = next != null && next.distance() <= place + THERE;
    Habits now = driving;
    double to = next == null || there ? end : next.distance();
    // A road has two ends, also where it stops at the last one.
    double from = Math.min(place, to - THERE);
    Trip on = trip.always(h -> now).between(from, to, time);
    if (there) {
      stops.remove();
      Road.Stop stop = next.stop().orElseThrow();
      return step(on.standing(from, stop), stop.seconds());
    }
    if (resting) {
      Road.Stop rest = new Road.Stop(seconds, Optional.of(Powertrain.Standing.FAST_IDLE), false);
      return step(on.standing(from, rest), seconds);
    }
    return step(on, seconds);
  }

  private List<Trace.Moment> step(Trip on, double seconds) {
    HaulRun.Leg leg =
        HaulRun.step(rig, factors, on, of.start(), carry, of.setup().switchedFans(), seconds);
    List<Trace.Moment> done = new ArrayList<>();
    for (Trace.Moment m : leg.trace().moments()) {
      if (last == null || m.time() > 0) {
        done.add(m.later(time));
      }
    }
    time += leg.trace().last().time();
    carry = leg.end();
    place = carry.distance();
    last = done.isEmpty() ? last : done.get(done.size() - 1);
    return done;
  }
}
