package roadbreeze.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trace;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.haul.WheelDrive;
import roadbreeze.core.lookahead.Adviser;
import roadbreeze.core.lookahead.BestDrive;
import roadbreeze.core.lookahead.LookAhead;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
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
    List<BestDrive.Way> ways = BestDrive.all(haul, rig);
    double without =
        BestDrive.usual(haul, rig).map(w -> worst(w.outcome())).orElse(Double.NEGATIVE_INFINITY);
    Advised advised = advised(haul, rig);
    if (advised.headroom < 0 && best(ways) >= LookAhead.SPARE) {
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

  /** The most room that any way leaves. */
  private static double best(List<BestDrive.Way> ways) {
    return ways.stream()
        .mapToDouble(w -> worst(w.outcome()))
        .max()
        .orElse(Double.NEGATIVE_INFINITY);
  }

  private static double worst(Outcome o) {
    return o.worst().headroom();
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
