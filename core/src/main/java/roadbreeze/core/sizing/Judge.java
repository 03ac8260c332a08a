package roadbreeze.core.sizing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Assumed;
import roadbreeze.core.rig.Setup;

/**
 * Holds setups against one place of a road: the same limits, spreads and doubts for each.
 *
 * @param sources spreads of the model that measurements have left
 * @param assumed numbers that nobody has measured
 */
public record Judge(
    OperatingPoint point, Limits limits, List<Uncertainty.Source> sources, List<Doubted> assumed) {

  /**
   * A number that is only assumed.
   *
   * @param thing id of what it belongs to, empty for the truck
   */
  public record Doubted(Assumed what, String thing) {}

  public Judge {
    sources = List.copyOf(sources);
    assumed = List.copyOf(assumed);
  }

  /** The same judge at another place. */
  public Judge at(OperatingPoint other) {
    return new Judge(other, limits, sources, assumed);
  }

  /**
   * @throws roadbreeze.core.problem.NotConvergedException if there is no steady state
   */
  public Headroom of(Setup setup) {
    return of(setup, Assembly.rig(setup));
  }

  /** The verdict where the setup's rig is there already. */
  public Headroom of(Setup setup, Rig rig) {
    return Headroom.of(rig, point, limits, setup.capPressure(), sources, doubts(setup));
  }

  /** The coolant limit that counts here, °C. */
  public double coolantLimit(Setup setup) {
    return limits.coolantUnder(setup.boilingPoint(point.altitude()));
  }

  /**
   * The rig with every assumed number moved by its part of the band: what {@link
   * Uncertainty#nineInTen} does not move.
   *
   * @param spread of this setup under this judge
   */
  public Rig pushed(Setup setup, Uncertainty spread, ToDoubleFunction<Uncertainty.Share> fluid) {
    Setup moved = setup;
    for (Uncertainty.Share doubt : spread.doubts()) {
      Assumed what = (Assumed) doubt.of();
      double factor = 1 + what.spread() * spread.reach(doubt, fluid);
      moved = what.scaled(moved, doubt.thing(), factor);
    }
    return Assembly.rig(moved);
  }

  /** The rigs at both ends of what each assumed number may be. */
  public List<Uncertainty.Doubt> doubts(Setup setup) {
    List<Uncertainty.Doubt> doubts = new ArrayList<>();
    for (Doubted doubted : assumed) {
      Assumed what = doubted.what();
      if (what.isThere(setup)) {
        try {
          doubts.add(
              new Uncertainty.Doubt(
                  doubted,
                  Assembly.rig(what.scaled(setup, doubted.thing(), 1 + what.spread())),
                  Assembly.rig(what.scaled(setup, doubted.thing(), 1 - what.spread()))));
        } catch (BadInputException e) {
          // An end outside what a truck can have: the number is doubtful but not by that much.
          continue;
        }
      }
    }
    return doubts;
  }
}
