package roadbreeze.core.lookahead;

import java.util.Optional;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.Habits;

/**
 * Says in time what is to be done, and nothing else: what was said is not said again while it still
 * holds, and what can wait is not said yet. Not thread-safe.
 */
public final class Adviser {
  /** A driver needs so long to hear, think and act, s; own. */
  private static final double LEAD = 45;

  /** What was said holds for so long, s; own. */
  private static final double HOLDS = 240;

  /** Who was told something so lately is told more only if limits would be passed, s; own. */
  private static final double LATELY = 900;

  private static final double ENOUGH_LATELY = 0.2;

  /** A driver who has come to the place does it within so long, s; own. */
  private static final double DONE_WITHIN = 30;

  private Spoken said;
  private double saidAt = Double.NEGATIVE_INFINITY;

  /**
   * What is said.
   *
   * @param act what to do
   * @param then how it is driven with that
   * @param rest that is stood first, s
   * @param from place to begin at, m
   * @param keeps every limit is kept with it
   */
  public record Spoken(
      Act act, Habits then, double rest, double from, boolean keeps, Finding finding) {}

  /**
   * What is seen.
   *
   * @param least room that is left ahead as it is driven, and where
   * @param spoken empty where there is nothing to say
   */
  public record Seen(LookAhead.Worst least, Optional<Spoken> spoken) {}

  /** Looks ahead. */
  public Seen look(LookAhead ahead, LookAhead.Now now) {
    if (awaits(now) && stillKeeps(ahead, now)) {
      return new Seen(ahead.asDriven(now), Optional.empty());
    }
    boolean lately = now.time() - saidAt < LATELY;
    LookAhead.Coming coming = ahead.coming(now, lately ? ENOUGH_LATELY : LookAhead.SPARE);
    return new Seen(coming.without(), speak(coming, now));
  }

  /** What was said last is still to be done. */
  private boolean awaits(LookAhead.Now now) {
    return said != null
        && now.time() - saidAt < HOLDS
        && now.place() < said.from() + DONE_WITHIN * now.speed();
  }

  private boolean stillKeeps(LookAhead ahead, LookAhead.Now now) {
    double from = Math.max(now.place(), said.from());
    return ahead.worst(now, said.then(), said.rest(), from, LookAhead.HORIZON).headroom()
        >= ENOUGH_LATELY;
  }

  private Optional<Spoken> speak(LookAhead.Coming coming, LookAhead.Now now) {
    if (coming.act().isEmpty()) {
      return Optional.empty();
    }
    Act act = coming.act().get();
    double until = (coming.from() - now.place()) / Math.max(1, now.speed());
    boolean soon = until <= LEAD || !coming.keeps();
    boolean known = said != null && act == said.act() && now.time() - saidAt < HOLDS;
    if (!soon || known) {
      return Optional.empty();
    }
    saidAt = now.time();
    said =
        new Spoken(
            act, coming.then(), act.rest(), coming.from(), coming.keeps(), says(coming, act, now));
    return Optional.of(said);
  }

  private static Finding says(LookAhead.Coming coming, Act act, LookAhead.Now now) {
    if (!coming.keeps()) {
      return AdviceSays.STOP_SAFELY.with(coming.without().fluid(), coming.without().value());
    }
    double in = Math.max(0, coming.from() - now.place());
    Finding what = act.finding(coming.without().gear());
    return in < NOW
        ? AdviceSays.AT_ONCE.with(what, coming.without().fluid(), coming.without().value())
        : AdviceSays.SOON.with(in, what, coming.without().fluid(), coming.without().value());
  }

  /** Nearer it is now, m. */
  private static final double NOW = 150;
}
