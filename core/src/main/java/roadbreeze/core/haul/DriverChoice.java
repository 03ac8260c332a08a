package roadbreeze.core.haul;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.vehicle.Powertrain;

/**
 * Something a driver can do on a road, and what it buys at the worst moments.
 *
 * @param from where it is begun, m: the latest place at which it still keeps every limit, or the
 *     road's start where none does or all are kept anyway
 * @param until where it may end, m
 * @param setting gear, speed in m/s, seconds of rest or hour of departure, as the choice has it
 * @param coolant headroom that is gained, K
 * @param feed the same of the oil's feed
 * @param pan the same of the pan
 * @param longer over the road than before, s
 * @param keeps every limit is kept with it, as computed
 */
public record DriverChoice(
    Kind kind,
    double from,
    double until,
    OptionalDouble setting,
    double coolant,
    double feed,
    double pan,
    double longer,
    boolean keeps) {
  /** What can be done. */
  public enum Kind implements Code {
    FAN_FULL("from DISTANCE"),
    AIR_CONDITIONING_OFF("from DISTANCE"),
    LOWER_GEAR("from DISTANCE", "gear COUNT"),
    SLOWER("from DISTANCE", "speed SPEED"),
    REST("from DISTANCE", "rest PERIOD"),
    AT_NIGHT("hour COUNT");

    private final List<Parameter> parameters;

    Kind(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** In words. */
  public Finding finding() {
    return switch (kind) {
      case FAN_FULL, AIR_CONDITIONING_OFF -> kind.with(from);
      case LOWER_GEAR -> kind.with(from, (int) setting.getAsDouble());
      case SLOWER, REST -> kind.with(from, setting.getAsDouble());
      case AT_NIGHT -> kind.with((int) setting.getAsDouble());
    };
  }

  private static final double SLOWER_BY = 0.8;

  /** Speeds are chosen by whole steps of that, m/s. */
  private static final double SPEED_STEP = 5 / 3.6;

  private static final double SLOWEST_CHOICE = 15 / 3.6;

  /** A driver finds a place so well, m. */
  private static final double PLACE = 100;

  /** The latest place leaves so much, so that a driver who is a little later still keeps it, K. */
  private static final double SPARE = 0.2;

  private static final double[] RESTS = {300, 600, 900, 1200, 1800};

  /**
   * All that can be done with a setup on its trip, the most gain first.
   *
   * @param driven as it is driven now
   */
  public static List<DriverChoice> of(Driven driven) {
    Outcome.Peak worst = driven.outcome().worst();
    Trip trip = driven.of().trip();
    double start = trip.road().points().get(0).distance();
    double place = worst.at().distance();
    double top = Math.max(place, trip.road().climbTo(place).top());
    Habits usual = trip.habitsAt(place);
    Search search = new Search(driven, start, place, top);
    List<DriverChoice> choices = new ArrayList<>();
    if (driven.of().setup().fansCanBeHeld() && !usual.fanFull()) {
      search
          .acting(Kind.FAN_FULL, OptionalDouble.empty(), usual.withFanFull())
          .ifPresent(choices::add);
    }
    if (usual.airConditioning()) {
      search
          .acting(
              Kind.AIR_CONDITIONING_OFF, OptionalDouble.empty(), usual.withAirConditioning(false))
          .ifPresent(choices::add);
    }
    int lower = worst.at().gear() - 1;
    if (lower >= 1) {
      search
          .acting(Kind.LOWER_GEAR, OptionalDouble.of(lower), usual.heldIn(lower))
          .ifPresent(choices::add);
    }
    double speed = Math.floor(SLOWER_BY * worst.at().speed() / SPEED_STEP) * SPEED_STEP;
    if (speed >= SLOWEST_CHOICE) {
      search
          .acting(Kind.SLOWER, OptionalDouble.of(speed), usual.noFasterThan(speed))
          .ifPresent(choices::add);
    }
    search.resting().ifPresent(choices::add);
    search.atNight().ifPresent(choices::add);
    choices.sort((a, b) -> Double.compare(b.gain(worst, driven), a.gain(worst, driven)));
    return List.copyOf(choices);
  }

  /** Of the limit that is nearest, K. */
  private double gain(Outcome.Peak worst, Driven driven) {
    return worst == driven.outcome().pan()
        ? pan
        : worst == driven.outcome().feed() ? feed : coolant;
  }

  /** Tries choices against the road as it is driven now. */
  private record Search(Driven driven, double start, double worst, double top) {

    Optional<DriverChoice> acting(Kind kind, OptionalDouble setting, Habits acted) {
      return latest(kind, setting, from -> driven.of().trip().acting(from, top, acted));
    }

    /** From the start, and from as late as still keeps every limit. */
    private Optional<DriverChoice> latest(
        Kind kind, OptionalDouble setting, DoubleFunction<Trip> from) {
      Optional<Driven> atOnce = drive(from.apply(start));
      if (atOnce.isEmpty()) {
        return Optional.empty();
      }
      double place = start;
      Driven best = atOnce.get();
      if (best.outcome().keepsLimits() && !driven.outcome().keepsLimits()) {
        double late = worst;
        while (late - place > PLACE) {
          double middle = (place + late) / 2;
          Optional<Driven> tried = drive(from.apply(middle));
          if (tried.isPresent() && tried.get().outcome().worst().headroom() >= SPARE) {
            place = middle;
            best = tried.get();
          } else {
            late = middle;
          }
        }
      }
      return Optional.of(choice(kind, place, setting, best));
    }

    /** At the last point of the climb before the worst moment, for as short as keeps the limits. */
    Optional<DriverChoice> resting() {
      Road road = driven.of().trip().road();
      Road.Point where = null;
      for (Road.Point point : road.points()) {
        boolean before = point.distance() > start && point.distance() < worst - PLACE;
        if (before && point.stop().isEmpty() && climbsAt(road, point.distance())) {
          where = point;
        }
      }
      if (where == null) {
        return Optional.empty();
      }
      DriverChoice longest = null;
      for (double seconds : RESTS) {
        Road.Stop rest = new Road.Stop(seconds, Optional.of(Powertrain.Standing.FAST_IDLE), false);
        Optional<Driven> tried =
            drive(
                new Trip(
                    road.stoppingAt(where.distance(), rest),
                    driven.of().trip().weather(),
                    driven.of().trip().driving()));
        if (tried.isEmpty()) {
          return Optional.empty();
        }
        longest = choice(Kind.REST, where.distance(), OptionalDouble.of(seconds), tried.get());
        if (longest.keeps()) {
          break;
        }
      }
      return Optional.ofNullable(longest);
    }

    private static boolean climbsAt(Road road, double place) {
      for (int i = 0; i + 1 < road.points().size(); i++) {
        if (road.points().get(i).distance() == place) {
          return road.points().get(i + 1).elevation() > road.points().get(i).elevation();
        }
      }
      return false;
    }

    Optional<DriverChoice> atNight() {
      Trip trip = driven.of().trip();
      Weather day = trip.weather();
      if (!(day.hottest() > day.coldest() + 1)) {
        return Optional.empty();
      }
      Weather night =
          new Weather(day.coldest(), day.hottest(), Weather.COLDEST_HOUR, day.elevation());
      return drive(new Trip(trip.road(), night, trip.driving()))
          .map(d -> choice(Kind.AT_NIGHT, start, OptionalDouble.of(Weather.COLDEST_HOUR), d));
    }

    private Optional<Driven> drive(Trip trip) {
      try {
        return Optional.of(driven.of().with(trip).drive(driven.rig(), driven.factors()));
      } catch (RefusedException e) {
        return Optional.empty(); // it does not get up there so
      }
    }

    private DriverChoice choice(Kind kind, double from, OptionalDouble setting, Driven with) {
      Outcome now = driven.outcome();
      Outcome then = with.outcome();
      return new DriverChoice(
          kind,
          from,
          Math.max(top, from),
          setting,
          then.coolant().headroom() - now.coolant().headroom(),
          then.feed().headroom() - now.feed().headroom(),
          then.pan().headroom() - now.pan().headroom(),
          then.seconds() - now.seconds(),
          then.keepsLimits());
    }
  }
}
