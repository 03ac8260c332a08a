package roadbreeze.server.trip;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.haul.DriverChoice;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/**
 * Something the driver of a build can do on its job's road.
 *
 * @param fromKm where it is begun: the latest place at which it still keeps every limit
 * @param untilKm where it may end
 * @param gear that is held, null where the choice is none of gears; as the next three
 * @param noFasterKmh that is driven
 * @param restMinutes that are stood
 * @param departureHour to leave at
 * @param coolantK headroom that is gained, as the next two
 * @param longerS over the road than before
 * @param keeps every limit is kept with it, as computed
 */
public record DriverOption(
    DriverChoice.Kind kind,
    Said said,
    double fromKm,
    double untilKm,
    @Nullable Integer gear,
    @Nullable Double noFasterKmh,
    @Nullable Double restMinutes,
    @Nullable Double departureHour,
    double coolantK,
    double feedK,
    double panK,
    double longerS,
    boolean keeps) {

  /**
   * @throws roadbreeze.core.problem.RefusedException if it cannot drive there at all
   */
  static List<DriverOption> all(JobContent job, Build build) {
    return DriverChoice.of(job.driven(build).drive()).stream().map(DriverOption::of).toList();
  }

  private static DriverOption of(DriverChoice c) {
    double setting = c.setting().orElse(0);
    return new DriverOption(
        c.kind(),
        Said.of(c.finding()),
        Math.round(c.from() / 100) / 10.0,
        Math.round(c.until() / 100) / 10.0,
        c.kind() == DriverChoice.Kind.LOWER_GEAR ? (int) setting : null,
        c.kind() == DriverChoice.Kind.SLOWER ? Math.round(setting * 36) / 10.0 : null,
        c.kind() == DriverChoice.Kind.REST ? setting / 60 : null,
        c.kind() == DriverChoice.Kind.AT_NIGHT ? setting : null,
        c.coolant(),
        c.feed(),
        c.pan(),
        c.longer(),
        c.keeps());
  }
}
