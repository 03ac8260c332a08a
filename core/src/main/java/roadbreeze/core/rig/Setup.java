package roadbreeze.core.rig;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.circuit.OilElement;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Solid;

/**
 * A truck with a build on it.
 *
 * @param calibrated what recorded drives have told of the truck; empty where there were none
 */
public record Setup(Truck truck, Fitting fitting, Optional<Calibrated> calibrated) {
  /** Of a truck that nobody has driven with a log. */
  public Setup(Truck truck, Fitting fitting) {
    this(truck, fitting, Optional.empty());
  }

  public Setup with(Fitting other) {
    return new Setup(truck, other, calibrated);
  }

  public Setup with(Truck other) {
    return new Setup(other, fitting, calibrated);
  }

  public Setup with(Calibrated drives) {
    return new Setup(truck, fitting, Optional.of(drives));
  }

  /** The radiator as it stands: the truck's own, or the one that replaces it. */
  public Core radiator() {
    Core own = truck.cores().radiator();
    return fitting.swaps().radiator().map(r -> r.inPlaceOf(own)).orElse(own);
  }

  /** Coolant that it holds more than the truck's own, m³; less than none where it holds less. */
  public double radiatorHoldsMore() {
    return radiator().holds() - truck.cores().radiator().holds();
  }

  /**
   * Blades of the main fan to the radiator as it stands, m: one on the engine stays where it is
   * while a deeper core comes nearer; one on the pack is set before it anew.
   */
  public double fanToCore() {
    double deeper = radiator().depth() - truck.cores().radiator().depth();
    return truck.front().fanToCore() - (fitting.fanOnEngine() ? deeper : 0);
  }

  /** The charge-air cooler as it stands: the truck's own, or the one that replaces it. */
  public Optional<Core> chargeAirCooler() {
    return truck
        .cores()
        .chargeAirCooler()
        .map(own -> fitting.swaps().chargeAirCooler().map(c -> c.inPlaceOf(own)).orElse(own));
  }

  /** What still stands in the nose with a build on the truck. */
  public List<Solid> standing() {
    return truck.front().nose().solids().stream()
        .filter(s -> !fitting.nose().moved().contains(s.name().id()))
        .toList();
  }

  /** The bumper's lower edge: what hangs under it meets stones and the ground first, m. */
  public OptionalDouble bumperLow() {
    return standing().stream()
        .filter(s -> s.what() == Solid.What.BUMPER)
        .mapToDouble(s -> s.shape().bounds().y())
        .min();
  }

  /**
   * What of that the air of the opening has to go round: between the grille line and the pack. The
   * grille itself is in the ram coefficient.
   */
  public List<Solid> inOpening() {
    return standing().stream()
        .filter(s -> s.what() != Solid.What.GRILLE && s.outline().isPresent())
        .filter(s -> s.shape().bounds().z() < truck.front().depth())
        .filter(s -> s.shape().bounds().back() > 0)
        .toList();
  }

  /**
   * Electric fans with a switch of their own, those of oil coolers last, as in the rig; where the
   * truck's sensor reads too low all that the coolant switches come later.
   */
  public List<SwitchedFan> switchedFans() {
    List<SwitchedFan> switched = new ArrayList<>();
    int index = 0;
    for (FanFit fan : fitting.fans()) {
      if (fan.part().kind() == FanUnit.Type.ELECTRIC) {
        add(switched, index, fan.name(), fan.switched());
      }
      index++;
    }
    for (CoolerFit cooler : fitting.coolers()) {
      if (cooler.ownFan().isPresent()) {
        add(switched, index++, cooler.fanName(), cooler.ownFan().get().switched());
      }
    }
    return switched;
  }

  private void add(List<SwitchedFan> to, int index, Name name, Optional<FanSwitch> points) {
    points.ifPresent(p -> to.add(new SwitchedFan(index, name, p.later(readsLow(p.sensor())))));
  }

  /** What the sensor of a fan's switch reads too low, K. */
  public double readsLow(FanSensor sensor) {
    return sensor.inOil() ? 0 : fitting.condition().sensorOffset();
  }

  /** A driver can hold its fans on, by their switch or by that of a controlled clutch. */
  public boolean fansCanBeHeld() {
    return !switchedFans().isEmpty()
        || fitting.fans().stream().anyMatch(f -> f.part().kind() == FanUnit.Type.CONTROLLED);
  }

  /** The oil cooler in the coolant: in the tank of whichever radiator stands, or beside it. */
  public Optional<OilElement.InTank> tank() {
    OptionalDouble conductance =
        fitting.swaps().radiator().isPresent()
            ? fitting.swaps().radiator().get().tankConductance()
            : truck.oil().tankConductance();
    return conductance.isEmpty()
        ? Optional.empty()
        : Optional.of(new OilElement.InTank(conductance.getAsDouble(), fitting.oil().tankPlace()));
  }

  /** Pressure that the cap holds, gauge, Pa. */
  public double capPressure() {
    return truck.coolant().capPressure() * fitting.condition().capShare();
  }

  /** Boiling point of the coolant under its cap, °C. */
  public double boilingPoint(double altitude) {
    return truck.coolant().fluid().boilingPoint(capPressure(), altitude);
  }
}
