package roadbreeze.server.bay;

import jakarta.validation.Validator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Component;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.FanSeatData;
import roadbreeze.server.build.FillData;
import roadbreeze.server.build.FittedCooler;
import roadbreeze.server.build.FittedFan;
import roadbreeze.server.build.SwitchPoints;
import roadbreeze.server.build.ThermostatData;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.order.TaskReading.Goes;
import roadbreeze.server.rig.CoolingData;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.rig.RigSection;

/**
 * Puts what was read in the bay where it belongs in the job, marked as measured. What its field
 * cannot hold stays in the record alone.
 */
@Component
class BayReadings {
  /** From a thermostat's first opening to its last, where only one of them was read yet, K. */
  private static final double LEAST_SPAN = 2;

  private final JobService jobs;
  private final Validator validator;

  BayReadings(JobService jobs, Validator validator) {
    this.jobs = jobs;
    this.validator = validator;
  }

  /**
   * @param thing id of what the step was done to, empty where it is all of it
   * @param value in SI, °C for temperatures
   */
  void put(UUID job, String build, Goes goes, String thing, double value) {
    JobContent content = jobs.get(job).content();
    Optional<Build> now = content.builds().stream().filter(b -> b.id().equals(build)).findFirst();
    if (now.isEmpty()) {
      return; // somebody has taken the build away
    }
    boolean asMade = now.get().fans().get(0).seat().equals(FanSeatData.AS_IT_WAS);
    if (goes == Goes.COOLANT_FOUND) {
      jobs.changeRig(job, rig -> checked(rig, r -> found(r, value)));
    } else if (goes == Goes.SHROUD_GAP && asMade) {
      jobs.changeRig(job, rig -> checked(rig, r -> rimmed(r, value * 1000)));
    }
    double cap = content.rig().vehicle().cooling().capKpa();
    jobs.changeBuild(job, build, b -> checked(b, b2 -> read(b2, goes, thing, value, cap)));
  }

  private <T> T checked(T before, UnaryOperator<T> change) {
    T after = change.apply(before);
    return validator.validate(after).isEmpty() ? after : before;
  }

  private static RigSection found(RigSection rig, double share) {
    CoolingData cooling = rig.vehicle().cooling().withGlycolShare(share);
    return rig.withVehicle(rig.vehicle().withCooling(cooling))
        .withMarks(marked(rig.marks(), "vehicle.cooling.glycolShare"));
  }

  private static RigSection rimmed(RigSection rig, double mm) {
    return rig.withVehicle(rig.vehicle().withCooling(rig.vehicle().cooling().withTipGapMm(mm)))
        .withMarks(marked(rig.marks(), "vehicle.cooling.tipGapMm"));
  }

  static Build read(Build build, Goes goes, String thing, double value, double capKpa) {
    ThermostatData t = build.thermostat();
    FillData fill = build.fill();
    return switch (goes) {
      case THERMOSTAT_OPENS ->
          measured(
              build.withThermostat(
                  new ThermostatData(value, Math.max(t.fullC(), value + LEAST_SPAN))),
              "thermostat.startC");
      case THERMOSTAT_FULL ->
          measured(
              build.withThermostat(
                  new ThermostatData(Math.min(t.startC(), value - LEAST_SPAN), value)),
              "thermostat.fullC");
      case CAP_HOLDS -> {
        double percent = Math.min(100, value / 1000 / capKpa * 100);
        yield measured(
            build.withCondition(build.condition().withCapPercent(percent)), "condition.capPercent");
      }
      case CORE_GAP -> gap(build, thing, value * 1000);
      case FAN_CURRENT, WIRE_CURRENT -> current(build, thing, value);
      case FAN_ON, FAN_OFF -> switched(build, thing, goes, value);
      case COOLANT_FOUND -> build.withFill(fill.withFoundPercent(value * 100));
      case COOLANT_OUT -> build.withFill(fill.withCoolantOutL(value * 1000));
      case COOLANT_MIX -> build.withFill(fill.withMixedPercent(value * 100));
      case COOLANT_IN -> build.withFill(fill.withCoolantInL(value * 1000));
      case OIL_OUT -> build.withFill(fill.withOilOutL(value * 1000));
      case OIL_IN -> build.withFill(fill.withOilInL(value * 1000));
      case STEERING_IN -> build.withFill(fill.withSteeringInL(value * 1000));
      case HYDRAULIC_IN -> build.withFill(fill.withHydraulicInL(value * 1000));
      case PRESSURE_LOST -> build.withFill(fill.withLossKpa(value / 1000));
      case PAN_AT_LEVEL -> build.withFill(fill.withLevelPanC(value));
      case SHROUD_GAP -> build; // it is the truck's
      case FILTER_FITTED -> build; // it stands in the record
    };
  }

  private static Build gap(Build build, String cooler, double mm) {
    List<FittedCooler> coolers =
        build.coolers().stream().map(c -> c.id().equals(cooler) ? c.withGapMm(mm) : c).toList();
    return coolers.equals(build.coolers())
        ? build
        : measured(build.withCoolers(coolers), "coolers." + cooler + ".gapMm");
  }

  private static Build current(Build build, String id, double amps) {
    return meant(build, id, f -> f.part().amps() != null)
        .map(
            f ->
                measured(
                    fan(build, f.withPart(f.part().withAmps(amps))),
                    "fans." + f.id() + ".part.amps"))
        .orElse(build);
  }

  /** Where only one of both points was read yet, the other keeps its distance if it must. */
  private static Build switched(Build build, String id, Goes goes, double celsius) {
    Optional<FittedFan> of = meant(build, id, f -> f.switchPoints() != null);
    if (of.isEmpty()) {
      return build;
    }
    SwitchPoints was = of.get().switchPoints();
    double apart = was.onC() - was.offC();
    boolean on = goes == Goes.FAN_ON;
    SwitchPoints now =
        on
            ? was.withOnC(celsius).withOffC(Math.min(was.offC(), celsius - apart))
            : was.withOffC(celsius).withOnC(Math.max(was.onC(), celsius + apart));
    return measured(
        fan(build, of.get().withSwitchPoints(now)),
        "fans." + of.get().id() + ".switchPoints." + (on ? "onC" : "offC"));
  }

  /** The fan that is named, or the only one of its sort where none is. */
  private static Optional<FittedFan> meant(Build build, String id, Predicate<FittedFan> sort) {
    List<FittedFan> some = build.fans().stream().filter(sort).toList();
    return some.stream()
        .filter(f -> f.id().equals(id) || id.isEmpty() && some.size() == 1)
        .findFirst();
  }

  private static Build fan(Build build, FittedFan changed) {
    return build.withFans(
        build.fans().stream().map(f -> f.id().equals(changed.id()) ? changed : f).toList());
  }

  private static Build measured(Build build, String path) {
    return build.withMarks(marked(build.marks(), path));
  }

  private static Map<String, Mark> marked(Map<String, Mark> marks, String path) {
    Map<String, Mark> more = new HashMap<>(marks);
    more.put(path, Mark.MEASURED);
    return more;
  }
}
