package roadbreeze.core.rig;

import java.util.List;
import java.util.Optional;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.condition.Condition;
import roadbreeze.core.line.Line;

/**
 * What a build makes of a truck.
 *
 * @param ramShare of the ram pressure that what hangs in front leaves
 * @param thermostat as stamped
 * @param radiator in place of the truck's own
 * @param tankPlace of the oil cooler in the coolant
 * @param parallel several oil coolers share the oil instead of passing it on
 * @param coolers in the order the oil reaches them
 * @param hoses to the coolers and back
 */
public record Fitting(
    Condition condition,
    double ramShare,
    Thermostat thermostat,
    Optional<RadiatorUnit> radiator,
    OilOrder order,
    OilElement.InTank.Place tankPlace,
    boolean parallel,
    List<CoolerFit> coolers,
    List<FanFit> fans,
    List<Line> hoses) {
  public Fitting {
    coolers = List.copyOf(coolers);
    fans = List.copyOf(fans);
    hoses = List.copyOf(hoses);
  }

  public Fitting withCondition(Condition other) {
    return new Fitting(
        other, ramShare, thermostat, radiator, order, tankPlace, parallel, coolers, fans, hoses);
  }

  public Fitting withThermostat(Thermostat other) {
    return new Fitting(
        condition, ramShare, other, radiator, order, tankPlace, parallel, coolers, fans, hoses);
  }

  public Fitting withRadiator(RadiatorUnit other) {
    return new Fitting(
        condition,
        ramShare,
        thermostat,
        Optional.of(other),
        order,
        tankPlace,
        parallel,
        coolers,
        fans,
        hoses);
  }

  public Fitting withOrder(OilOrder other) {
    return new Fitting(
        condition,
        ramShare,
        thermostat,
        radiator,
        other,
        tankPlace,
        parallel,
        coolers,
        fans,
        hoses);
  }

  public Fitting withCoolers(List<CoolerFit> others) {
    return new Fitting(
        condition, ramShare, thermostat, radiator, order, tankPlace, parallel, others, fans, hoses);
  }

  /** The same with its first cooler changed. */
  public Fitting withFirst(CoolerFit cooler) {
    List<CoolerFit> changed = new java.util.ArrayList<>(coolers);
    changed.set(0, cooler);
    return withCoolers(changed);
  }

  public Fitting withFans(List<FanFit> others) {
    return new Fitting(
        condition,
        ramShare,
        thermostat,
        radiator,
        order,
        tankPlace,
        parallel,
        coolers,
        others,
        hoses);
  }
}
