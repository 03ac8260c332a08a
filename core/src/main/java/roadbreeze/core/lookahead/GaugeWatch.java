package roadbreeze.core.lookahead;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.log.Channel;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.roadlog.DriveReading;
import roadbreeze.core.roadlog.DrivenRoad;
import roadbreeze.core.roadlog.ModelDrive;
import roadbreeze.core.roadlog.Recording;
import roadbreeze.core.sizing.Fluid;

/**
 * Notices where gauge and model part ways: the last minutes are driven in the model from the
 * temperatures they began with, and what the gauge shows now is held against what that comes to.
 * Not thread-safe.
 */
public final class GaugeWatch {
  /** So much of a drive is gone over, s. */
  public static final double OVER = 300;

  /** So much of it must have been driven in the model, s. */
  private static final double LEAST = 150;

  // More than this is no scatter of a model within five minutes, K; own defaults.
  private static final double HOTTER = 4;
  private static final double COOLER = 6;

  /** Once is chance. */
  private static final int TIMES = 2;

  private final Setup setup;
  private final Rig rig;
  private final Map<Fluid, Integer> hot = new EnumMap<>(Fluid.class);
  private final Map<Fluid, Integer> cool = new EnumMap<>(Fluid.class);

  public GaugeWatch(Setup setup, Rig rig) {
    this.setup = setup;
    this.rig = rig;
  }

  /**
   * @param last minutes of the drive
   * @param stored the job's road, where it is driven on that
   * @return what is to be told
   */
  public List<Finding> look(Recording last, Optional<DrivenRoad.Stored> stored) {
    DriveReading reading = DriveReading.of(last, setup, stored);
    ModelDrive model = ModelDrive.of(reading);
    if (model.covered() * last.step() < LEAST) {
      return List.of();
    }
    ModelDrive.Driven driven = model.drive(rig, Factors.NOMINAL);
    List<Finding> told = new ArrayList<>();
    parted(Fluid.COOLANT, last, Channel.COOLANT, driven.coolant()).ifPresent(told::add);
    parted(Fluid.PAN, last, Channel.PAN, driven.sump()).ifPresent(told::add);
    return told;
  }

  private Optional<Finding> parted(Fluid fluid, Recording log, Channel channel, double[] model) {
    double by = Double.NaN;
    for (int i = log.steps() - 1; i >= 0 && Double.isNaN(by); i--) {
      by = log.at(channel, i) - model[i];
    }
    int hotter = inARow(hot, fluid, by > HOTTER);
    int cooler = inARow(cool, fluid, by < -COOLER);
    if (hotter >= TIMES) {
      return Optional.of(AlarmSays.HOTTER_THAN_IT_SHOULD.with(fluid, by));
    }
    return cooler >= TIMES
        ? Optional.of(AlarmSays.COOLER_THAN_IT_SHOULD.with(fluid, -by))
        : Optional.empty();
  }

  /** How often it has been so, one after the other. */
  private static int inARow(Map<Fluid, Integer> times, Fluid fluid, boolean is) {
    times.put(fluid, is ? times.getOrDefault(fluid, 0) + 1 : 0);
    return times.get(fluid);
  }
}
