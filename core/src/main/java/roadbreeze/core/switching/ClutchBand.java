package roadbreeze.core.switching;

import java.util.Optional;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.haul.HaulCase.Driven;
import roadbreeze.core.stack.Stack;

/**
 * Where the clutch of the fan on the engine starts to grip and grips fully, as temperatures of the
 * coolant at its worst moment on the road, °C. A bimetal answers the air behind the radiator, which
 * stands between ambient and coolant: {@code T = T_amb + (T_air − T_amb)·(T_coolant −
 * T_amb)/(T_behind − T_amb)}.
 *
 * @param byAir it answers that air, and not the coolant
 * @param grips of the air, where it is the air
 */
public record ClutchBand(boolean byAir, double grips, double from, double to) {
  /** Empty without such a clutch, and where nothing flows behind the radiator. */
  public static Optional<ClutchBand> of(Driven driven) {
    if (driven.rig().clutchedFan() < 0) {
      return Optional.empty();
    }
    FanDrive.Clutched clutch = driven.rig().clutch();
    if (clutch instanceof FanDrive.Controlled c) {
      return Optional.of(new ClutchBand(false, c.low(), c.low(), c.high()));
    }
    return clutch instanceof FanDrive.Viscous v
        ? driven
            .balance(driven.outcome().coolant().at().time())
            .flatMap(b -> translated(v, b, driven.rig().stack()))
        : Optional.empty();
  }

  private static Optional<ClutchBand> translated(FanDrive.Viscous v, Balance at, Stack stack) {
    double stream = 0;
    double sum = 0;
    for (int p = 0; p < at.airTemperature().length; p++) {
      int[] layers = stack.layersOf(p);
      for (int i = 0; i < layers.length; i++) {
        if (layers[i] == stack.radiator()) {
          double flow = at.airFlow().velocity()[p] * stack.paths().get(p).area();
          stream += flow;
          sum += flow * at.airTemperature()[p][i + 1];
        }
      }
    }
    double ambient = at.air().temperature();
    double behind = stream > 0 ? sum / stream : Double.NaN;
    if (!(behind > ambient + 1)) {
      return Optional.empty();
    }
    double per = (at.coolant() - ambient) / (behind - ambient);
    return Optional.of(
        new ClutchBand(
            true,
            v.low(),
            ambient + (v.low() - ambient) * per,
            ambient + (v.high() - ambient) * per));
  }
}
