package roadbreeze.server.live;

import jakarta.annotation.Nullable;
import java.util.Optional;
import org.springframework.stereotype.Component;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.followup.DriveUse;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.log.Channel;
import roadbreeze.core.lookahead.BestDrive;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.longrun.Questions;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.run.RunRecordings;

/** What a drive came to, beside what the same road comes to as usual and at its best. */
@Component
class DriveScores {
  private static final double KILOMETRE = Units.si(1, Kind.DISTANCE);

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
   * @param act what is done on the best drive; null nothing
   * @param fromKm from where on
   */
  record DriveResult(
      @Nullable DriveScore driven,
      double kmDriven,
      double roadKm,
      @Nullable DriveScore usual,
      @Nullable DriveScore best,
      @Nullable Said act,
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
    Optional<BestDrive.Way> best = BestDrive.best(haul, rig);
    double driven = DriveUse.of(log).distance().orElse(0.0);
    return new DriveResult(
        driven < 1 ? null : score(job, haul, drive, log),
        driven / KILOMETRE,
        haul.trip().road().length() / KILOMETRE,
        BestDrive.usual(haul, rig).map(w -> score(w.outcome())).orElse(null),
        best.map(w -> score(w.outcome())).orElse(null),
        best.flatMap(BestDrive.Way::act).map(Said::of).orElse(null),
        best.map(w -> w.from() / KILOMETRE).orElse(0.0));
  }

  private static DriveScore score(Outcome o) {
    double over = Math.max(o.coolant().over(), Math.max(o.feed().over(), o.pan().over()));
    return new DriveScore(o.seconds(), over, o.loud(), o.worst().headroom(), o.oilLife());
  }

  private static DriveScore score(JobContent job, HaulCase haul, LiveDrive drive, Recording log) {
    double over = 0;
    double loud = 0;
    double least = Double.POSITIVE_INFINITY;
    double place = KILOMETRE * drive.fromKm();
    LiveLimits limits = new LiveLimits(job.limits(), haul.setup());
    for (int i = 0; i < log.steps(); i++) {
      double speed = log.at(Channel.SPEED, i);
      place += Double.isNaN(speed) ? 0 : speed * log.step();
      Double known =
          limits
              .nearest(
                  haul.trip().road().elevationAt(place),
                  log.at(Channel.COOLANT, i),
                  log.at(Channel.OIL_FEED, i),
                  log.at(Channel.PAN, i))
              .headroom();
      double headroom = known == null ? Double.POSITIVE_INFINITY : known;
      over += headroom < 0 ? log.step() : 0;
      least = Math.min(least, headroom);
      loud += log.at(Channel.FAN, i) > Outcome.LOUD ? log.step() : 0;
    }
    return new DriveScore(
        log.steps() * log.step(), over, loud, least, DriveUse.of(log).oilLife().orElse(0.0));
  }
}
