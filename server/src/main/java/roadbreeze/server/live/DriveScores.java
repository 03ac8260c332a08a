package roadbreeze.server.live;

import jakarta.annotation.Nullable;
import java.util.Optional;
import org.springframework.stereotype.Component;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.followup.DriveUse;
import roadbreeze.core.haul.Habits;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Road;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.log.Channel;
import roadbreeze.core.lookahead.Act;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.run.RunRecordings;

/** What a drive came to, beside what the same road comes to as usual and at its best. */
@Component
class DriveScores {
  private static final double LOUD = 0.7;

  /** Places at which something may be begun on the best drive. */
  private static final int STARTS = 10;

  private final JobService jobs;
  private final RunRecordings recordings;
  private final Questions questions;

  DriveScores(JobService jobs, RunRecordings recordings, Questions questions) {
    this.jobs = jobs;
    this.recordings = recordings;
    this.questions = questions;
  }

  /**
   * What a drive comes to.
   *
   * @param overS for how long any limit was passed
   * @param loudS with a fan above 70 % of its highest speed
   * @param headroomK at its worst moment
   * @param oilLifeH hours at 80 °C that age the oil as much
   */
  record DriveScore(
      double seconds, double overS, double loudS, double headroomK, double oilLifeH) {}

  /**
   * Drives beside each other.
   *
   * @param driven as it was recorded; null where too little was
   * @param kmDriven of the road
   * @param usual nobody does anything; null where it does not get there
   * @param best null where nothing gets there
   * @param act code of what is done on the best drive; null nothing
   * @param fromKm from where on
   */
  record DriveResult(
      @Nullable DriveScore driven,
      double kmDriven,
      double roadKm,
      @Nullable DriveScore usual,
      @Nullable DriveScore best,
      @Nullable String act,
      double fromKm) {}

  DriveResult of(LiveDrive drive) {
    JobContent job = jobs.get(drive.job()).content();
    Build build = job.build(drive.build());
    Recording log = recordings.of(recordings.run(drive.run()));
    return questions.ask(() -> beside(job, build, drive, log));
  }

  private static DriveResult beside(JobContent job, Build build, LiveDrive drive, Recording log) {
    HaulCase haul = job.drivenSomehow(build);
    Rig rig = Assembly.rig(haul.setup());
    Road road = haul.trip().road();
    double first = road.points().get(0).distance();
    double end = road.points().get(road.points().size() - 1).distance();
    Optional<Outcome> usual = outcome(haul, rig, haul.trip());
    Optional<Outcome> best = usual;
    Act act = null;
    double from = 0;
    for (Act a : Act.values()) {
      for (int k = 0; k < STARTS; k++) {
        double place = first + (end - first) * k / STARTS;
        Optional<Outcome> o = outcome(haul, rig, acting(haul.trip(), a, place, rig));
        if (o.isPresent() && (best.isEmpty() || better(o.get(), best.get()))) {
          best = o;
          act = a;
          from = place;
        }
      }
    }
    double driven = driven(log);
    return new DriveResult(
        driven < 1 ? null : score(job, haul, drive, log),
        driven / 1000,
        (end - first) / 1000,
        usual.map(DriveScores::score).orElse(null),
        best.map(DriveScores::score).orElse(null),
        act == null ? null : act.key(),
        from / 1000);
  }

  private static Trip acting(Trip trip, Act act, double place, Rig rig) {
    double speed = trip.road().points().get(0).speed();
    for (Road.Point p : trip.road().points()) {
      speed = p.distance() <= place ? p.speed() : speed;
    }
    Habits then = act.on(trip.habitsAt(place), speed, rig.powertrain().driveline().gears());
    double end = trip.road().points().get(trip.road().points().size() - 1).distance();
    Trip on = trip.acting(place, end, then);
    return act.rest() > 0 ? on.resting(place, act.rest()) : on;
  }

  /** Limits first, then time, then noise. */
  private static boolean better(Outcome a, Outcome b) {
    if (a.keepsLimits() != b.keepsLimits()) {
      return a.keepsLimits();
    }
    if (!a.keepsLimits()) {
      return a.worst().headroom() > b.worst().headroom();
    }
    return a.seconds() < b.seconds() - 1 || a.seconds() < b.seconds() + 1 && a.loud() < b.loud();
  }

  private static Optional<Outcome> outcome(HaulCase haul, Rig rig, Trip trip) {
    try {
      return Optional.of(haul.with(trip).drive(rig, Factors.NOMINAL).outcome());
    } catch (RefusedException e) {
      return Optional.empty();
    }
  }

  private static DriveScore score(Outcome o) {
    double over = Math.max(o.coolant().over(), Math.max(o.feed().over(), o.pan().over()));
    return new DriveScore(o.seconds(), over, o.loud(), o.worst().headroom(), o.oilLife());
  }

  private static double driven(Recording log) {
    return DriveUse.of(log).distance().orElse(0.0);
  }

  private static DriveScore score(JobContent job, HaulCase haul, LiveDrive drive, Recording log) {
    double over = 0;
    double loud = 0;
    double least = Double.POSITIVE_INFINITY;
    double place = 1000 * drive.fromKm();
    for (int i = 0; i < log.steps(); i++) {
      double speed = log.at(Channel.SPEED, i);
      place += Double.isNaN(speed) ? 0 : speed * log.step();
      double boiling = haul.setup().boilingPoint(haul.trip().road().elevationAt(place));
      double headroom =
          nearest(
              job.limits().coolantUnder(boiling) - log.at(Channel.COOLANT, i),
              job.limits().feed() - log.at(Channel.OIL_FEED, i),
              job.limits().pan() - log.at(Channel.PAN, i));
      over += headroom < 0 ? log.step() : 0;
      least = Math.min(least, headroom);
      loud += log.at(Channel.FAN, i) > LOUD ? log.step() : 0;
    }
    return new DriveScore(
        log.steps() * log.step(), over, loud, least, DriveUse.of(log).oilLife().orElse(0.0));
  }

  /** The least of what is known. */
  private static double nearest(double... headrooms) {
    double least = Double.POSITIVE_INFINITY;
    for (double h : headrooms) {
      least = Double.isNaN(h) ? least : Math.min(least, h);
    }
    return least;
  }
}
