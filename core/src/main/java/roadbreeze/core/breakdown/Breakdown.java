package roadbreeze.core.breakdown;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.Trip;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;

/**
 * What becomes of a haul when a part fails at its start: the least that the driver has to do. A
 * limit counts as kept here if it is as computed: out there nobody has nine tries.
 *
 * @param what failed
 * @param ends how far it gets
 * @param outcome of the drive that it gets home with, or of the last one tried; empty where nothing
 *     is driven
 */
public record Breakdown(Breakage what, Ending ends, Optional<Outcome> outcome) {
  /** How a haul goes on, best first. */
  public enum Ending implements Code {
    GOES_ON,
    WITHOUT_AIR_CONDITIONING,
    /** At {@link #CRAWL}, without air conditioning. */
    CRAWLS("speed SPEED"),
    /** Crawling the coolant keeps its limit and the oil does not: home, then the oil is changed. */
    OIL_SUFFERS("pan TEMPERATURE", "over PERIOD"),
    STOPS;

    private final List<Parameter> parameters;

    Ending(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** m/s */
  public static final double CRAWL = 40 / 3.6;

  /** Oil that far over the pan's limit is past its clutches, K; our own. */
  private static final double OIL_BEARS = 15;

  /** A part stopped it, that spares may mend or not. */
  public boolean isStop() {
    return what != Breakage.NOTHING && ends == Ending.STOPS;
  }

  /** In words. */
  public Finding finding() {
    return switch (ends) {
      case CRAWLS -> ends.with(CRAWL);
      case OIL_SUFFERS ->
          ends.with(outcome.orElseThrow().pan().value(), outcome.orElseThrow().pan().over());
      default -> ends.with();
    };
  }

  /** Nothing first, then each part of a build in turn, on its road. */
  public static List<Breakdown> of(HaulCase haul) {
    List<Breakdown> all = new ArrayList<>();
    for (Breakage what : Breakage.values()) {
      if (what.canBeOf(haul.setup())) {
        all.add(of(haul, what));
      }
    }
    return all;
  }

  private static Breakdown of(HaulCase haul, Breakage what) {
    if (what.stopsAtOnce()) {
      return new Breakdown(what, Ending.STOPS, Optional.empty());
    }
    Setup broken = what.on(haul.setup());
    Trip dry = haul.trip().always(h -> h.withAirConditioning(false));
    Trip usual = what.endsAirConditioning() ? dry : haul.trip();
    Optional<Outcome> on = drive(haul, broken, usual);
    if (on.filter(Outcome::keepsLimits).isPresent()) {
      return new Breakdown(what, Ending.GOES_ON, on);
    }
    Optional<Outcome> without = drive(haul, broken, dry);
    if (without.filter(Outcome::keepsLimits).isPresent()) {
      return new Breakdown(what, Ending.WITHOUT_AIR_CONDITIONING, without);
    }
    Optional<Outcome> slow =
        drive(haul, broken, dry.always(h -> h.noFasterThan(Math.min(CRAWL, h.fastest()))));
    if (slow.filter(Outcome::keepsLimits).isPresent()) {
      return new Breakdown(what, Ending.CRAWLS, slow);
    }
    boolean home =
        slow.filter(
                o ->
                    o.coolant().headroom() >= 0
                        && o.feed().headroom() >= 0
                        && o.pan().headroom() >= -OIL_BEARS)
            .isPresent();
    return new Breakdown(what, home ? Ending.OIL_SUFFERS : Ending.STOPS, slow);
  }

  private static Optional<Outcome> drive(HaulCase haul, Setup broken, Trip trip) {
    try {
      return Optional.of(haul.with(broken).with(trip).drive().outcome());
    } catch (RefusedException e) {
      return Optional.empty(); // it does not get up there so
    }
  }

  /**
   * The fewest spares that turn every stop into a drive, as far as spares can: of sets as small the
   * one that mends most ways.
   */
  public static Set<Spare> kit(Setup setup, List<Breakdown> breakdowns) {
    List<Set<Spare>> wanted =
        breakdowns.stream()
            .filter(Breakdown::isStop)
            .map(b -> b.what.mendedBy(setup))
            .filter(spares -> !spares.isEmpty())
            .toList();
    Spare[] all = Spare.values();
    Set<Spare> best = EnumSet.allOf(Spare.class);
    for (int chosen = 0; chosen < 1 << all.length; chosen++) {
      Set<Spare> kit = EnumSet.noneOf(Spare.class);
      for (int i = 0; i < all.length; i++) {
        if ((chosen >> i & 1) == 1) {
          kit.add(all[i]);
        }
      }
      if (kit.size() < best.size()
          && wanted.stream().allMatch(any -> any.stream().anyMatch(kit::contains))) {
        best = kit;
      }
    }
    return best;
  }
}
