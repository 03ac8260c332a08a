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

  /**
   * How a drive went.
   *
   * @param climbs of its road
   * @param wrong with it, if anything is
   */
  private record Told(int said, int climbs, Optional<String> wrong) {}

  @Test
  void advisedDrivesKeepTheLimitsWhereverAnythingWould() {
    List<JobContent> drives =
        DemoWorld.jobs().stream()
            .flatMap(job -> roadbreeze.server.haul.Road.all().stream().map(r -> job.on(r.haul())))
            .toList();
    List<Told> told =
        drives.parallelStream().flatMap(job -> drive(job, job.builds().get(1)).stream()).toList();
    assertThat(told.stream().flatMap(t -> t.wrong.stream())).isEmpty();
    // About once a climb, all in all.
    assertThat(told.stream().mapToInt(Told::said).sum())
        .isPositive()
        .isLessThan(told.stream().mapToInt(Told::climbs).sum() * 5 / 4);
  }

  /** Nothing where the truck does not drive that road at all. */
  private static Optional<Told> drive(JobContent job, Build build) {
    HaulCase whole;
    try {
      whole = job.driven(build);
    } catch (RefusedException e) {
      return Optional.empty();
    }
    HaulCase haul = whole.with(withoutStops(whole.trip()));
    Rig rig = Assembly.rig(haul.setup());
    Advised advised = advised(haul, rig);
    int climbs = Math.max(1, climbs(haul.trip().road()));
    return Optional.of(
        new Told(
            advised.said.size(),
            climbs,
            wrong(haul, rig, advised, climbs)
                .map(w -> job.about().name() + ", " + job.haul().road() + " " + w + advised.said)));
  }

  private static Optional<String> wrong(HaulCase haul, Rig rig, Advised advised, int climbs) {
    if (advised.headroom < 0 && best(BestDrive.all(haul, rig)) >= LookAhead.SPARE) {
      return Optional.of("passes its limits");
    }
    if (advised.said.size() > 2 * climbs) {
      return Optional.of("says too much");
    }
    double without =
        BestDrive.usual(haul, rig).map(w -> worst(w.outcome())).orElse(Double.NEGATIVE_INFINITY);
    return without > 8 && !advised.said.isEmpty()
        ? Optional.of("speaks where nothing is needed")
        : Optional.empty();
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
        said.add(
            String.format(
                "%.1f km %s%s",
                drive.place() / 1000, open.act(), open.keeps() ? "" : ", which is not enough"));
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
