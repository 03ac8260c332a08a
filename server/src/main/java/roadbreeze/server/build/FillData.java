package roadbreeze.server.build;

import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotNull;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * What comes out of the truck for a build, and what goes back in; null what nobody has measured.
 *
 * @param foundPercent share of concentrate in the coolant as it was found
 * @param wantedPercent share that is wanted, null takes what the coldest morning asks for
 * @param mixedPercent share in what was mixed to fill
 * @param frostC morning on which it must not freeze
 * @param drains how often the gearbox is drained and filled
 * @param oilOutL that comes out of the gearbox each time
 * @param oilPrice of a litre, in the yard's money
 * @param lossKpa pressure that the loop lost in ten minutes
 * @param levelPanC temperature of the pan as its level was read
 * @param otherCap what closes the place that the pressure cap is not at
 */
@RecordBuilder
public record FillData(
    @Nullable @Within(min = 0, max = 80, kind = Kind.VOLUME) Double coolantOutL,
    @Nullable @Within(min = 0, max = 80, kind = Kind.PERCENT) Double foundPercent,
    @Nullable @Within(min = 20, max = 70, kind = Kind.PERCENT) Double wantedPercent,
    @Nullable @Within(min = 0, max = 100, kind = Kind.PERCENT) Double mixedPercent,
    @Nullable @Within(min = 0, max = 80, kind = Kind.VOLUME) Double coolantInL,
    @Within(min = -60, max = 20, kind = Kind.TEMPERATURE) double frostC,
    @Within(min = 1, max = 6, kind = Kind.COUNT) int drains,
    @Nullable @Within(min = 0, max = 60, kind = Kind.VOLUME) Double oilOutL,
    @Nullable @Within(min = 0, max = 60, kind = Kind.VOLUME) Double oilInL,
    @Nullable @Within(min = 0, max = 1000, kind = Kind.MONEY) Double oilPrice,
    @Nullable @Within(min = 0, max = 20, kind = Kind.VOLUME) Double steeringInL,
    @Nullable @Within(min = 0, max = 200, kind = Kind.VOLUME) Double hydraulicInL,
    @Nullable @Within(min = 0, max = 200, kind = Kind.PRESSURE) Double lossKpa,
    @Nullable @Within(min = -20, max = 150, kind = Kind.TEMPERATURE) Double levelPanC,
    @NotNull OtherCap otherCap)
    implements FillDataBuilder.With {

  /** Nobody has measured anything yet. */
  public static final FillData NOTHING_YET =
      new FillData(
          null,
          null,
          null,
          null,
          null,
          -20,
          1,
          null,
          null,
          null,
          null,
          null,
          null,
          null,
          OtherCap.NONE);

  /** What can close a place of the loop where the pressure cap is not. */
  public enum OtherCap {
    /** There is no such place. */
    NONE,
    /** It only keeps the coolant in. */
    PLAIN,
    /** It holds pressure too. */
    PRESSURE
  }
}
