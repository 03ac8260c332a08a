package roadbreeze.core.circuit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import roadbreeze.core.air.Air;
import roadbreeze.core.exchanger.LouvredFin;
import roadbreeze.core.fluid.TransmissionFluid;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;

/** What the reader of a settled state must know about it. */
final class Warnings {
  private final List<Warning> found = new ArrayList<>();

  private Warnings() {}

  static List<Warning> of(Rig rig, OperatingPoint point, Balance balance) {
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
      add(
          Warning.Kind.SLOWED,
          "the truck holds only %.0f of %.0f km/h here",
          balance.driveline().speed() * 3.6,
          point.speed() * 3.6);
    }
    if (balance.heat().tank() < 0) {
      add(
          Warning.Kind.TANK_HEATS_OIL,
          "the in-tank cooler heats the oil by %.1f kW",
          -balance.heat().tank() / 1000);
    }
    double[] pressure = balance.airFlow().fanPressure();
    for (int f = 0; f < pressure.length; f++) {
      if (pressure[f] < 0) {
        add(
            Warning.Kind.FAN_RESISTS,
            "ram air outruns the %s: it holds back %.0f Pa",
            rig.stack().fans().get(f).name(),
            -pressure[f]);
      }
    }
  }

  private void ofFluids(Balance balance) {
    boolean oilGone = balance.feed() > SteadyBalance.OIL_BEYOND;
    if (oilGone || balance.coolant() > SteadyBalance.COOLANT_BEYOND) {
      add(
          Warning.Kind.BEYOND_LIQUID,
          "a fluid would pass %.0f °C: read it as far over, not as a temperature",
          oilGone ? SteadyBalance.OIL_BEYOND : SteadyBalance.COOLANT_BEYOND);
    } else if (balance.feed() > TransmissionFluid.VALID_HIGH
        || balance.sump() < TransmissionFluid.VALID_LOW) {
      add(
          Warning.Kind.EXTRAPOLATED,
          "oil properties are known from %.0f to %.0f °C and used past that",
          TransmissionFluid.VALID_LOW,
          TransmissionFluid.VALID_HIGH);
    }
  }

  private void ofLayer(Rig rig, int index, Balance balance) {
    Stack stack = rig.stack();
    Layer layer = stack.layers().get(index);
    OilLoop oil = rig.oilLoop();
    if (layer.role() instanceof LayerRole.OilCooler cooler
        && cooler.channels().extrapolated(oil.flow(), oil.fluid(), balance.sump())) {
      add(
          Warning.Kind.EXTRAPOLATED,
          "oil in the %s runs below the strip correlation's range: ±25 %% on its oil side",
          layer.name());
    }
    AirFlow flow = balance.airFlow();
    Air air = balance.air();
    double lowest = Double.POSITIVE_INFINITY;
    double highest = 0;
    for (int p = 0; p < stack.paths().size(); p++) {
      int place = stack.paths().get(p).layers().indexOf(index);
      if (place >= 0 && flow.velocity()[p] > 0) {
        double velocity = flow.velocityAt(p, place) / (1 - layer.blockedFraction());
        double reynolds = layer.fin().reynolds(velocity, air);
        lowest = Math.min(lowest, reynolds);
        highest = Math.max(highest, reynolds);
      }
    }
    if (lowest < LouvredFin.REYNOLDS_LOW || highest > LouvredFin.REYNOLDS_HIGH) {
      add(
          Warning.Kind.EXTRAPOLATED,
          "air through the %s is outside the fin correlation's range",
          layer.name());
    }
  }

  private void add(Warning.Kind kind, String format, Object... values) {
    found.add(new Warning(kind, String.format(Locale.ROOT, format, values)));
  }
}
