package roadbreeze.server.sizing;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.sizing.Standing;

/**
 * The headroom strip of every build of a job.
 *
 * @param boilingC of the coolant under its cap on this road
 */
public record Assessment(double boilingC, double freezingC, List<BuildState> builds) {

  /**
   * One build.
   *
   * @param problem why there is no steady state, null where there is one; then what is computed
   *     from one is null or empty
   * @param measureNext assumed numbers that widen the band, widest first
   */
  public record BuildState(
      String name,
      @Nullable String problem,
      @Nullable Standing standing,
      @Nullable Gauge coolant,
      @Nullable Gauge feed,
      @Nullable Gauge pan,
      @Nullable BalanceResult balance,
      List<Lever> levers,
      @Nullable CoolerEffect coolerEffect,
      List<Distance> clearances,
      List<Assumed> measureNext,
      List<String> advice) {}

  /** One fluid, °C and K. */
  public record Gauge(
      double peakC,
      double limitC,
      double headroomK,
      double bandK,
      double nineInTenC,
      Standing standing) {}

  /** What ten per cent more of a thing changes, K. */
  public record Lever(String kind, double coolantK, double feedK, double panK) {}

  /**
   * What the fitted coolers do against the same build without them.
   *
   * @param airLostPercent of the flow through the whole face
   */
  public record CoolerEffect(double coolantK, double feedK, double panK, double airLostPercent) {}

  /** A distance that is too small, mm; negative where things overlap or stick out. */
  public record Distance(
      String kind,
      String subject,
      double actualMm,
      double wantedMm,
      boolean serious,
      String reason,
      String fix) {}

  /**
   * A number that nobody has measured.
   *
   * @param spreadPercent what it may be off by
   * @param coolantK what that does to the coolant's band, either way
   */
  public record Assumed(String path, double spreadPercent, double coolantK, double panK) {}
}
