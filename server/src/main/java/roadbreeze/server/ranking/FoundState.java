package roadbreeze.server.ranking;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.core.check.Fault;
import roadbreeze.core.condition.Condition;
import roadbreeze.server.build.Build;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.MissingNode;

/** A fault as fields of the build that stands for the truck as it was found. */
final class FoundState {
  // A clutch grown solid grips in any air, °C.
  private static final double GRIPS_FROM = 30;

  private static final double GRIPS_FULLY = 35;

  private FoundState() {}

  /**
   * A field and what it becomes.
   *
   * @param path from the build
   * @param number and the following: what it becomes, the others null
   */
  public record Set(
      String path, @Nullable Double number, @Nullable String word, @Nullable Boolean flag) {
    private static Set of(String path, double number) {
      return new Set(path, Math.round(number * 100) / 100.0, null, null);
    }

    private static Set of(String path, Enum<?> word) {
      return new Set(path, null, word.name(), null);
    }

    private static Set of(String path, boolean flag) {
      return new Set(path, null, null, flag);
    }

    /** Whether the build says so already; figures that would be written alike are. */
    private boolean standsIn(JsonNode build) {
      JsonNode now = build;
      for (String step : path.split("\\.")) {
        now = now.isArray() ? row(now, step) : now.path(step);
      }
      if (number != null) {
        double resolution = path.endsWith("recirculation") ? SHARE : PERCENT_OR_KELVIN;
        return now.isNumber() && Math.abs(now.asDouble() - number) < resolution / 2;
      }
      return word != null
          ? now.asString("").equals(word)
          : now.isBoolean() && now.asBoolean() == flag;
    }

    private static JsonNode row(JsonNode rows, String id) {
      for (JsonNode row : rows) {
        if (row.path("id").asString("").equals(id)) {
          return row;
        }
      }
      return MissingNode.getInstance();
    }
  }

  // Figures closer than half of that say the same.
  private static final double SHARE = 0.01;
  private static final double PERCENT_OR_KELVIN = 1;

  // What the fields take, K.
  private static final double MOST_EARLY = -20;
  private static final double MOST_LATE = 40;

  /** What of the build changes where it has the fault; nothing where it says so already. */
  static List<Set> with(Fault fault, double amount, Build build) {
    return changed(fields(fault, amount, build), build);
  }

  /** What of the build changes where the fault was looked for and is not there. */
  static List<Set> without(Fault fault, Build build) {
    return changed(healed(fault, build), build);
  }

  private static List<Set> fields(Fault fault, double amount, Build build) {
    String fan = "fans." + build.fans().get(0).id() + ".";
    double percent = 100 * amount;
    return switch (fault) {
      case THERMOSTAT_SHUT ->
          List.of(Set.of("condition.thermostat", Condition.ThermostatFault.STUCK_SHUT));
      case THERMOSTAT_OPEN ->
          List.of(Set.of("condition.thermostat", Condition.ThermostatFault.STUCK_OPEN));
      case THERMOSTAT_LATE ->
          List.of(
              Set.of("condition.thermostat", Condition.ThermostatFault.NONE),
              Set.of("condition.thermostatLateK", held(amount)));
      case CAP_WEAK -> List.of(Set.of("condition.capPercent", percent));
      case PUMP_WORN -> List.of(Set.of("condition.pumpPercent", percent));
      case SUCTION_COLLAPSES -> List.of(Set.of("condition.suctionPercent", percent));
      case AIR_IN_LOOP, LEAK, COMBUSTION_GAS -> List.of(Set.of("condition.airPercent", percent));
      case RADIATOR_FINS -> List.of(Set.of("condition.radiatorBlockedPercent", percent));
      case CONDENSER_FINS -> List.of(Set.of("condition.condenserBlockedPercent", percent));
      case CHARGE_AIR_FINS -> List.of(Set.of("condition.chargeAirBlockedPercent", percent));
      case SEALS_MISSING -> List.of(Set.of("condition.recirculation", amount));
      case FAN_MOTOR_DEAD, FAN_NOT_FED, FAN_BACKWARDS -> List.of(Set.of(fan + "speedPercent", 0));
      case FAN_WEAK, CLUTCH_SLIPS -> List.of(Set.of(fan + "speedPercent", percent));
      case SHROUD_GONE -> List.of(Set.of(fan + "shrouded", false));
      case CLUTCH_LOCKED ->
          List.of(
              Set.of(fan + "part.gripsFromC", GRIPS_FROM),
              Set.of(fan + "part.gripsFullyC", GRIPS_FULLY));
      case SENSOR_LOW -> List.of(Set.of("condition.sensorLowK", held(amount)));
      case OIL_FLOW_LOW -> List.of(Set.of("condition.oilFlowPercent", percent));
      case GEARBOX_BYPASS_SHUT ->
          List.of(Set.of("condition.gearboxBypass", Condition.BypassFault.STUCK_SHUT));
      case GEARBOX_BYPASS_OPEN ->
          List.of(Set.of("condition.gearboxBypass", Condition.BypassFault.STUCK_OPEN));
      case GAUGE_HIGH -> List.of();
    };
  }

  private static List<Set> healed(Fault fault, Build build) {
    String fan = "fans." + build.fans().get(0).id() + ".";
    return switch (fault) {
      case THERMOSTAT_SHUT, THERMOSTAT_OPEN, THERMOSTAT_LATE ->
          List.of(
              Set.of("condition.thermostat", Condition.ThermostatFault.NONE),
              Set.of("condition.thermostatLateK", 0));
      case CAP_WEAK, PUMP_WORN, SUCTION_COLLAPSES, OIL_FLOW_LOW -> fields(fault, 1, build);
      case RADIATOR_FINS, CONDENSER_FINS, CHARGE_AIR_FINS, SENSOR_LOW -> fields(fault, 0, build);
      case SEALS_MISSING -> fields(fault, Condition.SEALED, build);
      case FAN_MOTOR_DEAD, FAN_WEAK, FAN_BACKWARDS, CLUTCH_SLIPS ->
          List.of(Set.of(fan + "speedPercent", 100));
      case SHROUD_GONE -> List.of(Set.of(fan + "shrouded", true));
      case GEARBOX_BYPASS_SHUT, GEARBOX_BYPASS_OPEN ->
          List.of(Set.of("condition.gearboxBypass", Condition.BypassFault.NONE));
      // Looked at from one side only, or with more than one cause.
      case AIR_IN_LOOP, LEAK, COMBUSTION_GAS, FAN_NOT_FED, CLUTCH_LOCKED, GAUGE_HIGH -> List.of();
    };
  }

  private static List<Set> changed(List<Set> sets, Build build) {
    JsonNode now = JsonMapper.shared().valueToTree(build);
    return sets.stream().filter(set -> !set.standsIn(now)).toList();
  }

  private static double held(double kelvin) {
    return Math.max(MOST_EARLY, Math.min(MOST_LATE, kelvin));
  }
}
