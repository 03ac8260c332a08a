package roadbreeze.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.haul.WheelDrive;
import roadbreeze.core.lookahead.Act;
import roadbreeze.core.lookahead.Adviser;
import roadbreeze.core.lookahead.LookAhead;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.build.Build;
import roadbreeze.server.demo.DemoWorld;
import roadbreeze.server.job.JobContent;

/** Every demo rig over every road that ships, driven by somebody who does what is said. */
class AdviceTest {
  private static final double TICK = 10;

  private int said;
  private int climbed;

  @Test
  void advisedDrivesKeepTheLimitsWhereverAnythingWould() {
    List<String> lost = new ArrayList<>();
    for (JobContent job : DemoWorld.jobs()) {
      for (roadbreeze.server.haul.Road road : roadbreeze.server.haul.Road.all()) {
        JobContent there = job.on(road.haul());
        for (Build build : List.of(there.builds().get(1))) {
          drive(
                  there.about().name() + ", " + build.name() + ", " + road.haul().road(),
                  there,
                  build)
              .ifPresent(lost::add);
        }
      }
    }
    assertThat(lost).isEmpty();
    // Fewer than twice a climb, all in all.
    assertThat(said).isPositive().isLessThan(2 * climbed);
  }

  private Optional<String> drive(String name, JobContent job, Build build) {
    HaulCase whole;
    try {
      whole = job.driven(build);
    } catch (RefusedException e) {
      return Optional.empty();
    }
    HaulCase haul = whole.with(withoutStops(whole.trip()));
    Rig rig = Assembly.rig(haul.setup());
    double without = headroom(haul, rig, haul.trip());
    Advised advised = advised(haul, rig);
    if (advised.headroom < 0 && best(haul, rig) >= LookAhead.SPARE) {
      return Optional.of(name + " " + advised);
    }
    int climbs = Math.max(1, climbs(haul.trip().road()));
    said += advised.said.size();
    climbed += climbs;
    if (advised.said.size() > 3 * climbs) {
      return Optional.of(name + " says too much: " + advised.said);
    }
    if (without > 8 && !advised.said.isEmpty()) {
      return Optional.of(name + " speaks where nothing is needed: " + advised.said);
    }
    return Optional.empty();
  }

  private static Trip withoutStops(Trip trip) {
    List<Road.Point> points =
        trip.road().points().stream()
            .map(
                p ->
                    new Road.Point(
                        p.distance(),
                        p.elevation(),
                        p.speed(),
                        p.grade(),
                        p.surface(),
                        p.headwind(),
                        p.ambient(),
                        Optional.empty()))
            .toList();
    return new Trip(new Road(points), trip.weather(), trip.driving());
  }

  private static int climbs(Road road) {
    int climbs = 0;
    double place = road.length();
    while (place > 1) {
      Road.Climb climb = road.climbTo(place);
      if (climb.top() <= climb.foot()) {
        return climbs;
      }
      climbs++;
      place = climb.foot();
    }
    return climbs;
  }

  private static double headroom(HaulCase haul, Rig rig, Trip trip) {
    try {
      Outcome o = haul.with(trip).drive(rig, Factors.NOMINAL).outcome();
      return worst(o);
    } catch (RefusedException e) {
      return Double.NEGATIVE_INFINITY;
    }
  }

  private static double worst(Outcome o) {
    double worst = Double.POSITIVE_INFINITY;
    for (Fluid fluid : Fluid.values()) {
      worst = Math.min(worst, o.of(fluid).headroom());
    }
    return worst;
  }

  /** The best of all choices, begun at any of ten places. */
  private static double best(HaulCase haul, Rig rig) {
    List<Road.Point> points = haul.trip().road().points();
    double first = points.get(0).distance();
    double end = points.get(points.size() - 1).distance();
    Habits usual = haul.trip().habitsAt(first);
    double best = Double.NEGATIVE_INFINITY;
    for (Act act : Act.values()) {
      for (int k = 0; k < 10; k++) {
        double from = first + (end - first) * k / 10;
        Habits then = act.on(usual, speedAt(haul.trip().road(), from), gearAt(rig));
        Trip trip = haul.trip().acting(from, end, then);
        if (act.rest() > 0) {
          trip = trip.resting(from, act.rest());
        }
        best = Math.max(best, headroom(haul, rig, trip));
      }
    }
    return best;
  }

  private static int gearAt(Rig rig) {
    return rig.powertrain().driveline().gears();
  }

  private static double speedAt(Road road, double place) {
    double speed = road.points().get(0).speed();
    for (Road.Point p : road.points()) {
      speed = p.distance() <= place ? p.speed() : speed;
    }
    return speed;
  }

  private record Advised(double headroom, List<String> said) {}

  private static Advised advised(HaulCase haul, Rig rig) {
    LookAhead ahead = new LookAhead(haul, rig);
    Adviser adviser = new Adviser();
    WheelDrive drive = new WheelDrive(haul, rig);
    double first = haul.trip().road().points().get(0).speed();
    List<Trace.Moment> all = new ArrayList<>();
    List<String> said = new ArrayList<>();
    Adviser.Spoken open = null;
    double resting = 0;
    while (!drive.arrived() && drive.time() < 40_000) {
      double speed = drive.now().map(m -> Math.max(2, m.speed())).orElse(first);
      int gear = drive.now().map(Trace.Moment::gear).orElse(0);
      LookAhead.Now here =
          new LookAhead.Now(
              drive.time(), drive.place(), speed, gear, drive.state(), drive.driving());
      Optional<Adviser.Spoken> spoken = adviser.look(ahead, here).spoken();
      if (spoken.isPresent()) {
        open = spoken.get();
        said.add(String.format("%.1f km %s", drive.place() / 1000, open.act()));
      }
      if (open != null && drive.place() >= open.from() - 1) {
        drive.drive(open.then());
        resting = open.rest();
        open = null;
      }
      if (resting > 0) {
        drive.rest(true);
        all.addAll(drive.goOn(resting));
        drive.rest(false);
        resting = 0;
      }
      all.addAll(drive.goOn(TICK));
    }
    Trace trace = new Trace(all, List.of(), new Trace.Ledger(0, 0, 0));
    return new Advised(
        worst(Outcome.of(trace, haul.trip(), haul.setup(), rig, haul.limits())), said);
  }
}
