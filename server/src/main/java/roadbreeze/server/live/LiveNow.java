package roadbreeze.server.live;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import roadbreeze.core.explain.Code;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.message.Said;

/**
 * A drive at this moment, for who looks at it; null is not known.
 *
 * @param t since the drive began, s
 * @param silentS for how long the gauge has said nothing
 * @param simulated it is no truck
 * @param stale names of channels that have said nothing for a while, or what no truck has
 * @param fan share of its highest speed that the fastest has
 * @param placeKm along the job's road
 * @param gradePercent there
 * @param worst whose limit is nearest
 * @param headroomK to it, below 0 where it is passed
 * @param trendKPerMin of it: how fast that gets less
 * @param aheadK least headroom of the next ten minutes as it is driven, of which fluid, where
 * @param advice what was said last, while it holds
 * @param alarms what is wrong
 * @param wheel what was asked of the driver's controls through this application
 * @param notKeptS for how long nothing could be kept
 * @param lostS in all, that was not recorded
 */
@RecordBuilder
record LiveNow(
    UUID drive,
    double t,
    Link link,
    double silentS,
    boolean simulated,
    boolean resting,
    List<String> stale,
    @Nullable Double coolantC,
    @Nullable Double panC,
    @Nullable Double feedC,
    @Nullable Double ambientC,
    @Nullable Double speedKmh,
    @Nullable Double rpm,
    @Nullable Double gear,
    @Nullable Double fan,
    @Nullable Boolean airConditioning,
    @Nullable Double placeKm,
    @Nullable Double gradePercent,
    @Nullable Double elevationM,
    @Nullable Double coolantLimitC,
    double panLimitC,
    double feedLimitC,
    @Nullable Fluid worst,
    @Nullable Double headroomK,
    @Nullable Double trendKPerMin,
    @Nullable Double aheadK,
    @Nullable Fluid aheadOf,
    @Nullable Double aheadKm,
    @Nullable AdviceSaid advice,
    List<Said> alarms,
    WheelAsked wheel,
    double notKeptS,
    double lostS) {

  /** How a gauge is heard. */
  enum Link implements Code {
    LIVE,
    /** It is connected and drives nothing. */
    IDLE,
    /** It is connected and its time stands, or it has nothing to say. */
    SILENT,
    /** Nothing is connected; it is tried again. */
    AWAY,
    ENDED
  }

  /**
   * Controls of a simulated truck.
   *
   * @param gear no higher one; 0 is any
   * @param fastestKmh no faster; 0 is as the road goes
   */
  record WheelAsked(boolean fanFull, int gear, double fastestKmh) {}

  /**
   * What was said.
   *
   * @param at since the drive began, s
   * @param fromKm place to begin at
   * @param keeps with it every limit is kept
   */
  record AdviceSaid(Said said, double at, double fromKm, boolean keeps) {}
}
