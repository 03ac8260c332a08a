package roadbreeze.server.mounting;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roadbreeze.core.rig.FanFit;
import roadbreeze.core.rig.FanSeat;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.shroud.FanRoom;
import roadbreeze.core.shroud.ShroudFit;
import roadbreeze.core.shroud.TipRing;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FanSeatData;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * The main fan of a build in its shroud.
 *
 * @param fan its id
 * @param onEngine it rocks with the engine; else straps hold its frame
 * @param anew the build has another fan than the truck came with, or another radiator: what was
 *     measured is of the old one
 * @param toCoreMm blades to core at rest
 * @param ring null until all four tip gaps are measured
 * @param beltMm fan to belt as it stands in the build, null until measured
 * @param inShare share of the blades in the shroud's ring, null until measured
 * @param findings what is wrong, of what was measured
 * @param mend the least spacer, shim or shift that leaves less wrong, null where none does
 */
record FanFitResult(
    String fan,
    boolean onEngine,
    boolean anew,
    double diameterMm,
    double toCoreMm,
    double toCoreWantedMm,
    @Nullable Ring ring,
    Double beltMm,
    Double inShare,
    double leastIn,
    double mostIn,
    double sidewaysMm,
    double forwardMm,
    double flexMm,
    List<Said> findings,
    @Nullable Mend mend) {

  /**
   * The ring between tips and shroud, seen from the front.
   *
   * @param rightMm the fan's middle from the ring's
   * @param leastMm narrowest place at rest
   * @param rolledMm while the engine rolls; negative where it strikes
   * @param toSpareMm what must be left then
   */
  record Ring(
      double halfWidthMm,
      double halfHeightMm,
      double rightMm,
      double upMm,
      double leastMm,
      double rolledMm,
      double toSpareMm,
      double meanMm) {
    static Ring of(TipRing r, double rolled) {
      return new Ring(
          r.halfWidth() * 1000,
          r.halfHeight() * 1000,
          r.right() * 1000,
          r.up() * 1000,
          r.least() * 1000,
          rolled * 1000,
          ShroudFit.TIPS_TO_SPARE * 1000,
          r.mean() * 1000);
    }
  }

  /**
   * @param left what is still wrong then
   */
  record Mend(FanSeatData seat, List<Said> left) {}

  /** Null where the build has no fan behind its radiator. */
  static @Nullable FanFitResult of(JobContent job, Build build) {
    Setup setup = job.setup(build);
    Optional<FanFit> main = behind(setup);
    if (main.isEmpty()) {
      return null;
    }
    FanFit fan = main.get();
    boolean onEngine = fan.part().kind().onEngine();
    ShroudFit fit = fit(job, setup, fan);
    FanRoom room = fit.room();
    return new FanFitResult(
        fan.name().id(),
        onEngine,
        anew(job, build, fan.name().id()),
        fan.part().diameter() * 1000,
        fit.toCore() * 1000,
        fit.toCoreWanted() * 1000,
        fit.ring().map(r -> Ring.of(r, fit.leastRolled().orElseThrow())).orElse(null),
        fit.belt().isPresent() ? fit.belt().getAsDouble() * 1000 : null,
        fit.in().isPresent() ? fit.in().getAsDouble() : null,
        ShroudFit.LEAST_IN,
        ShroudFit.MOST_IN,
        room.motion().sideways() * 1000,
        room.motion().forward() * 1000,
        room.motion().flex() * 1000,
        Said.of(fit.faults()),
        fit.mend().map(seat -> mend(fit, seat)).orElse(null));
  }

  /** The main fan, where it stands behind the radiator. */
  static Optional<FanFit> behind(Setup setup) {
    return setup.fitting().fans().stream().filter(f -> !f.pusher()).findFirst();
  }

  /** A fan of a build in its shroud. */
  static ShroudFit fit(JobContent job, Setup setup, FanFit fan) {
    FanRoom room = job.rig().vehicle().cooling().fanRoom().toCore(fan.part().kind().onEngine());
    return new ShroudFit(fan.part().diameter(), room, setup.fanToCore(), fan.seat());
  }

  private static Mend mend(ShroudFit fit, FanSeat seat) {
    ShroudFit mended = new ShroudFit(fit.diameter(), fit.room(), fit.fanToCore(), seat);
    return new Mend(FanSeatData.of(seat), Said.of(mended.faults()));
  }

  private static boolean anew(JobContent job, Build build, String fan) {
    Build found = job.found();
    boolean sameFan =
        found.fans().stream()
            .filter(f -> f.id().equals(fan))
            .anyMatch(
                f ->
                    build.fans().stream()
                        .anyMatch(b -> b.id().equals(fan) && b.part().equals(f.part())));
    return !sameFan || build.radiator() != null;
  }
}
