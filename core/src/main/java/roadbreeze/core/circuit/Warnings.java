package roadbreeze.core.circuit;

import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.air.Air;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;

/** What the reader of a settled state must know about it. */
final class Warnings {
  private final List<Finding> found = new ArrayList<>();

  private Warnings() {}

  static List<Finding> of(Rig rig, OperatingPoint point, Balance balance) {
    Warnings warnings = new Warnings();
    warnings.ofDriving(rig, point, balance);
    warnings.ofFluids(balance);
    for (int k = 0; k < rig.stack().layers().size(); k++) {
      warnings.ofLayer(rig, k, balance);
    }
    return warnings.found;
  }

  private void ofDriving(Rig rig, OperatingPoint point, Balance balance) {
    if (balance.driveline().slowed()) {
      found.add(Warning.SLOWED.with(balance.driveline().speed(), point.speed()));
    }
    if (balance.heat().tank() < 0) {
      found.add(Warning.TANK_HEATS_OIL.with(-balance.heat().tank()));
    }
    double[] pressure = balance.airFlow().fanPressure();
    for (int f = 0; f < pressure.length; f++) {
      if (pressure[f] < 0) {
        found.add(Warning.FAN_RESISTS.with(rig.stack().fans().get(f).name(), -pressure[f]));
      }
    }
  }

  private void ofFluids(Balance balance) {
    boolean oilGone = balance.feed() > SteadyBalance.OIL_BEYOND;
    if (oilGone || balance.coolant() > SteadyBalance.COOLANT_BEYOND) {
      found.add(
          Warning.BEYOND_LIQUID.with(
              oilGone ? SteadyBalance.OIL_BEYOND : SteadyBalance.COOLANT_BEYOND));
    } else if (balance.feed() > TransmissionFluid.VALID_HIGH
        || balance.sump() < TransmissionFluid.VALID_LOW) {
      found.add(
          Warning.OIL_EXTRAPOLATED.with(TransmissionFluid.VALID_LOW, TransmissionFluid.VALID_HIGH));
    }
  }

  private void ofLayer(Rig rig, int index, Balance balance) {
    Stack stack = rig.stack();
    Layer layer = stack.layers().get(index);
    OilLoop oil = rig.oilLoop();
    if (layer.role() instanceof LayerRole.OilCooler cooler
        && cooler.channels().extrapolated(balance.oilFlow(), oil.fluid(), balance.sump())) {
      found.add(Warning.STRIPS_EXTRAPOLATED.with(layer.name()));
    }
    AirFlow flow = balance.airFlow();
    Air air = balance.air();
    double lowest = Double.POSITIVE_INFINITY;
    double highest = 0;
    for (int p = 0; p < stack.paths().size(); p++) {
      int place = stack.paths().get(p).layers().indexOf(index);
      if (place >= 0 && flow.velocity()[p] > 0) {
        double flux = air.density() * flow.velocityAt(p, place) / (1 - layer.blockedFraction());
        double reynolds = layer.fin().reynolds(flux, air);
        lowest = Math.min(lowest, reynolds);
        highest = Math.max(highest, reynolds);
      }
    }
    if (highest > 0 && !(layer.fin().published(lowest) && layer.fin().published(highest))) {
      found.add(Warning.FINS_EXTRAPOLATED.with(layer.name()));
    }
  }
}
