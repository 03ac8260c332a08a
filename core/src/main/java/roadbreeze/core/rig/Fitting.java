package roadbreeze.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.line.Bypass;
import roadbreeze.core.line.Filter;
import roadbreeze.core.line.PlannedHose;
import roadbreeze.core.stack.Rectangle;

/**
 * What a build makes of a truck.
 *
 * @param others coolers in the pack beside the oil coolers and the truck's own cores
 */
public record Fitting(
    Condition condition,
    Nose nose,
    Swaps swaps,
    OilRun oil,
    List<FanFit> fans,
    List<OtherCooler> others) {
  public Fitting {
    fans = List.copyOf(fans);
    others = List.copyOf(others);
  }

  /**
   * What is done before the pack.
   *
   * @param ramShare of the ram pressure that what hangs in front leaves
   * @param moved ids of obstacles that no longer stand in the opening
   * @param across channels that brackets are hung on, as the air meets them
   */
  public record Nose(double ramShare, Set<String> moved, List<Rectangle> across) {
    public static final Nose BARE = new Nose(1, Set.of(), List.of());

    public Nose {
      across = List.copyOf(across);
      moved = Set.copyOf(moved);
    }
  }

  /**
   * Parts that stand in place of the truck's own; empty where that stays.
   *
   * @param thermostat as stamped
   * @param pumpFlowAt4000 kg/s
   */
  public record Swaps(
      Thermostat thermostat,
      Optional<RadiatorUnit> radiator,
      Optional<ChargeAirUnit> chargeAirCooler,
      OptionalDouble pumpFlowAt4000) {
    /** All its own but for the thermostat. */
    public static Swaps none(Thermostat thermostat) {
      return new Swaps(thermostat, Optional.empty(), Optional.empty(), OptionalDouble.empty());
    }
  }

  /**
   * The gearbox oil's way.
   *
   * @param tankPlace of the oil cooler in the coolant
   * @param parallel several oil coolers share the oil instead of passing it on
   * @param bypassPinned the gearbox's own bypass is held open for good
   * @param coolers in the order the oil reaches them
   * @param hoses to the coolers and back
   * @param filters in them
   * @param block between the hoses to the coolers and back
   */
  @RecordBuilder
  public record OilRun(
      OilOrder order,
      OilElement.InTank.Place tankPlace,
      boolean parallel,
      boolean bypassPinned,
      List<CoolerFit> coolers,
      List<PlannedHose> hoses,
      List<Filter> filters,
      Optional<Bypass> block)
      implements FittingOilRunBuilder.With {
    public OilRun {
      coolers = List.copyOf(coolers);
      hoses = List.copyOf(hoses);
      filters = List.copyOf(filters);
    }
  }

  /** A fan of it rocks with the engine. */
  public boolean fanOnEngine() {
    return fans.stream().anyMatch(f -> f.part().kind().onEngine());
  }

  /** How the main fan is set in its shroud. */
  public FanSeat seat() {
    return fans.stream()
        .filter(f -> !f.pusher())
        .findFirst()
        .map(FanFit::seat)
        .orElse(FanSeat.AS_IT_WAS);
  }

  /** In the order the oil reaches them. */
  public List<CoolerFit> coolers() {
    return oil.coolers;
  }

  public Fitting with(Condition other) {
    return new Fitting(other, nose, swaps, oil, fans, others);
  }

  public Fitting with(Swaps other) {
    return new Fitting(condition, nose, other, oil, fans, others);
  }

  public Fitting with(OilRun other) {
    return new Fitting(condition, nose, swaps, other, fans, others);
  }

  public Fitting with(Thermostat other) {
    return with(new Swaps(other, swaps.radiator, swaps.chargeAirCooler, swaps.pumpFlowAt4000));
  }

  public Fitting with(RadiatorUnit other) {
    return with(
        new Swaps(
            swaps.thermostat, Optional.of(other), swaps.chargeAirCooler, swaps.pumpFlowAt4000));
  }

  public Fitting with(OilOrder other) {
    return with(oil.withOrder(other));
  }

  public Fitting withCoolers(List<CoolerFit> other) {
    return with(oil.withCoolers(other));
  }

  public Fitting withHoses(List<PlannedHose> other) {
    return with(oil.withHoses(other));
  }

  public Fitting withBypassPinned() {
    return with(oil.withBypassPinned(true));
  }

  /** The same with its first cooler changed. */
  public Fitting withFirst(CoolerFit cooler) {
    List<CoolerFit> changed = new ArrayList<>(oil.coolers);
    changed.set(0, cooler);
    return withCoolers(changed);
  }

  /** The same with these out of the way as well. */
  public Fitting withMoved(Set<String> ids) {
    Set<String> all = new HashSet<>(nose.moved);
    all.addAll(ids);
    return new Fitting(
        condition, new Nose(nose.ramShare, all, nose.across), swaps, oil, fans, others);
  }

  public Fitting withFans(List<FanFit> other) {
    return new Fitting(condition, nose, swaps, oil, other, others);
  }

  public Fitting withOthers(List<OtherCooler> other) {
    return new Fitting(condition, nose, swaps, oil, fans, other);
  }
}
