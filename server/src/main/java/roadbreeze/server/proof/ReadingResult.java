package roadbreeze.server.proof;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.log.Channel;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.roadlog.DriveReading;
import roadbreeze.core.roadlog.DrivenRoad;
import roadbreeze.core.roadlog.FanReading;
import roadbreeze.core.roadlog.ModelDrive;
import roadbreeze.core.roadlog.ProofSays;
import roadbreeze.core.roadlog.ReadMoment;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.core.roadlog.SteadyWindow;
import roadbreeze.core.roadlog.WindowFinder;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.server.message.Said;

/**
 * A recorded drive as it was driven, with what the model makes of the same.
 *
 * @param heights where the grade comes from
 * @param tyresOffPercent by which engine and road speed lie off the ratios as entered
 * @param clusteredPercent of the drive that lies in clusters of gears; null without engine speed
 * @param fans what says which fans ran
 * @param modelledPercent of the drive that the model could drive
 * @param rules seconds of the drive that are in no window, by the rule they broke
 */
public record ReadingResult(
    DrivenRoad.Heights heights,
    double tyresOffPercent,
    @Nullable Double clusteredPercent,
    FanReading.Source fans,
    double lengthKm,
    double modelledPercent,
    ReadingTrace trace,
    List<WindowRow> windows,
    List<BrokenRule> rules,
    List<Said> says) {
  /** More steps than this no screen shows. */
  private static final int MOST_STEPS = 1600;

  /**
   * Step by step; null where it is not known. All lists are as long as {@code timeS}.
   *
   * @param gear 0 standing
   * @param fanPercent of the switched fans that ran
   */
  public record ReadingTrace(
      List<Double> timeS,
      List<Double> distanceKm,
      List<Double> elevationM,
      List<Double> gradePercent,
      List<Double> speedKmh,
      List<Double> gear,
      List<Double> slipPercent,
      List<Double> fanPercent,
      List<Double> ambientC,
      List<Double> coolantC,
      List<Double> panC,
      List<Double> feedC,
      List<Double> modelCoolantC,
      List<Double> modelPanC,
      List<Double> modelFeedC,
      List<Double> modelSpeedKmh,
      List<Double> modelGear) {}

  /** A rule that kept stretches from being windows. */
  public record BrokenRule(WindowFinder.Rule rule, double seconds) {}

  /**
   * A steady window.
   *
   * @param gear null where it is not known
   * @param fansPercent null where nobody knows
   * @param airConditioning null where nobody knows
   * @param engineKw of the model into the coolant, null where it cannot drive there
   */
  public record WindowRow(
      double fromS,
      double toS,
      boolean stands,
      double speedKmh,
      double gradePercent,
      double ambientC,
      @Nullable Integer gear,
      @Nullable Double slipPercent,
      @Nullable Double fansPercent,
      @Nullable Boolean airConditioning,
      @Nullable Double engineKw,
      @Nullable Double oilKw,
      List<HeldRow> held) {}

  /**
   * A temperature in a window.
   *
   * @param driftKMin K a minute
   * @param kelvinPerKw over the air for each kilowatt that was shed; null where it says nothing
   * @param spreadKPerKw half width of nineteen in twenty
   * @param silent why it says nothing, null where it does
   */
  public record HeldRow(
      Fluid fluid,
      @Nullable Double meanC,
      @Nullable Double driftKMin,
      @Nullable Double kelvinPerKw,
      @Nullable Double spreadKPerKw,
      @Nullable Said silent) {}

  static ReadingResult of(DriveReading reading, List<ReadMoment> moments) {
    Recording log = reading.log();
    ModelDrive model = ModelDrive.of(reading);
    List<Said> says = new ArrayList<>();
    ModelDrive.Driven driven = null;
    try {
      driven = model.drive(Assembly.rig(reading.setup()), Factors.NOMINAL);
    } catch (RefusedException e) {
      says.add(Said.of(ProofSays.MODEL_REFUSES.with(e.finding())));
    }
    boolean recorded = log.has(Channel.SPEED);
    if (recorded && !log.has(Channel.AMBIENT)) {
      says.add(Said.of(ProofSays.AMBIENT_UNKNOWN.with()));
    }
    if (recorded && reading.road().heights() == DrivenRoad.Heights.NONE) {
      says.add(Said.of(ProofSays.HEIGHTS_UNKNOWN.with()));
    }
    if (recorded && !log.has(Channel.AIR_CONDITIONING)) {
      says.add(Said.of(ProofSays.AIR_CONDITIONING_UNKNOWN.with()));
    }
    WindowFinder.Found found = WindowFinder.of(reading);
    double[] distance = reading.road().distance();
    return new ReadingResult(
        reading.road().heights(),
        100 * (reading.gears().scale() - 1),
        nullable(100 * reading.gears().clustered()),
        reading.fans().source(),
        distance[distance.length - 1] / 1000,
        driven == null ? 0 : 100.0 * model.covered() / log.steps(),
        trace(reading, driven),
        ReadDrives.windows(found, reading.setup(), moments).stream()
            .map(ReadingResult::row)
            .toList(),
        found.seconds().entrySet().stream()
            .map(e -> new BrokenRule(e.getKey(), e.getValue()))
            .toList(),
        says);
  }

  private static ReadingTrace trace(DriveReading reading, @Nullable ModelDrive.Driven driven) {
    Recording log = reading.log();
    DrivenRoad road = reading.road();
    int every = Math.max(1, log.steps() / MOST_STEPS);
    Steps steps = new Steps(log.steps(), every);
    return new ReadingTrace(
        steps.of(log::time, 1),
        steps.of(i -> road.distance()[i] / 1000, 1000),
        steps.of(i -> road.elevation()[i], 10),
        steps.of(i -> 100 * road.grade()[i], 100),
        steps.of(i -> 3.6 * log.at(Channel.SPEED, i), 10),
        steps.of(i -> reading.gears().gear()[i] < 0 ? Double.NaN : reading.gears().gear()[i], 1),
        steps.of(i -> 100 * reading.gears().slip()[i], 10),
        steps.of(i -> 100 * reading.fans().share(i), 1),
        steps.of(i -> log.at(Channel.AMBIENT, i), 10),
        steps.of(i -> log.at(Channel.COOLANT, i), 100),
        steps.of(i -> log.at(Channel.PAN, i), 100),
        steps.of(i -> log.at(Channel.OIL_FEED, i), 100),
        steps.of(i -> driven == null ? Double.NaN : driven.coolant()[i], 100),
        steps.of(i -> driven == null ? Double.NaN : driven.sump()[i], 100),
        steps.of(i -> driven == null ? Double.NaN : driven.feed()[i], 100),
        steps.of(i -> driven == null ? Double.NaN : 3.6 * driven.speed()[i], 10),
        steps.of(
            i -> driven == null || Double.isNaN(driven.speed()[i]) ? Double.NaN : driven.gear()[i],
            1));
  }

  /** Every so manyth step, no more digits than are known. */
  private record Steps(int count, int every) {
    List<Double> of(IntToDoubleFunction value, double digits) {
      List<Double> list = new ArrayList<>();
      for (int i = 0; i < count; i += every) {
        double v = value.applyAsDouble(i);
        list.add(Double.isNaN(v) ? null : Double.valueOf(Math.round(v * digits) / digits));
      }
      return list;
    }
  }

  private static WindowRow row(SteadyWindow w) {
    List<HeldRow> held = new ArrayList<>();
    for (Fluid fluid : Fluid.values()) {
      SteadyWindow.Held h = w.of(fluid);
      ProofSays silent = w.silent(fluid);
      double perKw = silent == null ? w.kelvinPerWatt(fluid) * 1000 : Double.NaN;
      held.add(
          new HeldRow(
              fluid,
              nullable(h.mean()),
              nullable(h.drift() * 60),
              nullable(perKw),
              silent == null ? perKw * w.spread(fluid) : null,
              silent == null ? null : Said.of(silent.with())));
    }
    return new WindowRow(
        w.from(),
        w.to(),
        w.stands(),
        w.stands() ? 0 : 3.6 * w.at().speed(),
        100 * w.at().grade(),
        w.at().ambient(),
        w.at().holdGear() == OperatingPoint.FREE ? null : w.at().holdGear(),
        nullable(100 * w.slip()),
        nullable(100 * w.fans()),
        w.knownAir() ? w.at().airConditioning() : null,
        w.heat().map(h -> h.engine() / 1000).orElse(null),
        w.heat().map(h -> h.oil() / 1000).orElse(null),
        held);
  }

  @Nullable
  static Double nullable(double v) {
    return Double.isNaN(v) ? null : Double.valueOf(v);
  }
}
