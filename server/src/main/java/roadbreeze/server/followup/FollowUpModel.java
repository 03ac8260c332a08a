package roadbreeze.server.followup;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.followup.Due;
import roadbreeze.core.followup.Habit;
import roadbreeze.core.followup.Measure;
import roadbreeze.core.followup.Odometer;
import roadbreeze.core.followup.Use;
import roadbreeze.core.workorder.Caution;
import roadbreeze.server.followup.FollowUp.DueState;
import roadbreeze.server.followup.FollowUp.GoneShare;
import roadbreeze.server.job.JobCard;
import roadbreeze.server.message.Units;
import roadbreeze.server.run.RunUses.Driven;

/**
 * What a truck has done, held against what is to be looked at again.
 *
 * @param driven its recorded drives
 */
record FollowUpModel(JobCard job, TruckUse use, List<Driven> driven, LocalDate today) {
  /** Days in which something is due soon; own default. */
  private static final int SOON = 14;

  /** Later than this is never, days. */
  private static final double NEVER = 36_500;

  /** What was recorded since a day. */
  Use recorded(LocalDate since) {
    Use sum = Use.NONE;
    for (Driven d : driven) {
      LocalDate day = LocalDate.ofInstant(d.at(), ZoneOffset.UTC);
      if (!day.isBefore(since) && !day.isAfter(today)) {
        sum =
            sum.plus(
                new Use(
                    0,
                    d.use().distance().orElse(0.0),
                    d.use().heatCycles().orElse(0.0),
                    d.use().oilLife().orElse(0.0),
                    d.hauled() ? 1 : 0));
      }
    }
    return sum;
  }

  /** What has been done since a day as far as anybody can say. */
  Use expected(LocalDate since) {
    Habit habit = use.habit();
    Odometer odometer = use.odometerRead();
    double distance = odometer.between(since.toEpochDay(), today.toEpochDay(), habit.distance());
    return habit.expected(days(since), Math.max(0, distance), recorded(since));
  }

  private double days(LocalDate since) {
    return Math.max(0, ChronoUnit.DAYS.between(since, today));
  }

  FollowUp of(FollowUpRow row, List<FollowUpEvent> events) {
    FollowUpData data = row.data();
    Optional<FollowUpKind> kind = Optional.ofNullable(data.kind()).flatMap(FollowUpKind::of);
    LocalDate since =
        events.stream()
            .filter(e -> e.what() == FollowUpEvent.What.DONE)
            .map(FollowUpEvent::day)
            .max(Comparator.naturalOrder())
            .orElse(data.since());
    Use recorded = recorded(since);
    Due due = Due.of(data.every().from(since), expected(since), use.habit().perDay());
    LocalDate day = day(due.days());
    Optional<FollowUpEvent> last = events.isEmpty() ? Optional.empty() : Optional.of(events.get(0));
    LocalDate until =
        last.filter(e -> e.what() == FollowUpEvent.What.SNOOZED)
            .map(FollowUpEvent::until)
            .filter(u -> u.isAfter(today))
            .orElse(null);
    DueState state = state(data, last, until, day);
    boolean closed = state == DueState.DONE || state == DueState.DROPPED;
    return new FollowUp(
        row.id(),
        row.version(),
        row.job(),
        job.about().body().name(),
        data,
        kind.map(FollowUpKind::how).orElse(null),
        kind.map(FollowUpKind::why).orElse(null),
        kind.map(FollowUpKind::check).orElse(null),
        kind.map(FollowUpKind::mistake).orElse(null),
        kind.map(k -> k.cautions().stream().map(Caution::key).toList()).orElse(List.of()),
        kind.map(FollowUpKind::readings).orElse(List.of()),
        state,
        since,
        closed ? null : day,
        due.first(),
        due.shares().stream().map(s -> share(s, recorded)).toList(),
        until,
        events);
  }

  private DueState state(
      FollowUpData data, Optional<FollowUpEvent> last, LocalDate until, LocalDate due) {
    FollowUpEvent.What what = last.map(FollowUpEvent::what).orElse(null);
    if (what == FollowUpEvent.What.DROPPED) {
      return DueState.DROPPED;
    }
    if (what == FollowUpEvent.What.DONE && !data.again()) {
      return DueState.DONE;
    }
    if (until != null) {
      return DueState.SNOOZED;
    }
    if (due == null || due.isAfter(today.plusDays(SOON))) {
      return DueState.LATER;
    }
    return due.isAfter(today) ? DueState.SOON : DueState.DUE;
  }

  /** It is due on the day on which all of it has gone. */
  private LocalDate day(double days) {
    // What falls on a day's very beginning falls on that day.
    return days > NEVER ? null : today.plusDays((long) Math.ceil(days - 1e-6));
  }

  private GoneShare share(Due.Share s, Use recorded) {
    double per = s.measure() == Measure.DISTANCE ? Units.si(1, Kind.DISTANCE) : 1;
    return new GoneShare(
        s.measure(),
        s.used() / per,
        s.every() / per,
        s.measure() == Measure.DAYS ? null : recorded.of(s.measure()) / per,
        day(s.days()));
  }

  /** The most urgent first, and of these who waits longest. */
  static final Comparator<FollowUp> BY_URGENCY =
      Comparator.comparing(FollowUp::state)
          .thenComparing(FollowUp::due, Comparator.nullsLast(Comparator.naturalOrder()))
          .thenComparing(f -> f.data().title());
}
