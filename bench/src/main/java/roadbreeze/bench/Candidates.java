package roadbreeze.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.finder.CoolerChoice;
import roadbreeze.core.finder.Opening;
import roadbreeze.core.finder.PackChoice;
import roadbreeze.core.finder.Search;
import roadbreeze.core.finder.ThermostatChoice;
import roadbreeze.core.rig.OilCooler;
import roadbreeze.core.rig.OilOrder;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.core.workorder.TaskLibrary;
import roadbreeze.core.workorder.WorkScope;

/** A search round the worked case: forty coolers in its opening, in every order. */
final class Candidates {
  private static final Opening OPENING =
      new Opening(new Rectangle(-0.02, -0.02, 0.80, 0.56), 0.10, List.of(), 0.01);

  private static final PackChoice PACK =
      PackChoice.of(
          "restored",
          WorkedCase.setup(false),
          true,
          0,
          new WorkScope(Set.of()),
          new WorkScope(Set.of()));

  private Candidates() {}

  /** One thermostat only, so that every candidate is worked out and none follows from another. */
  static Search search() {
    return new Search(
        List.of(PACK),
        coolers(),
        true,
        List.of(new ThermostatChoice("kept", new Thermostat(90, 99), true, 0)),
        OPENING,
        WorkedCase.CLIMB,
        Limits.DEFAULT,
        112,
        8.8,
        5,
        5,
        1e9,
        1e9,
        new TaskLibrary(List.of(), Map.of()),
        new WorkScope(Set.of()),
        false);
  }

  private static List<CoolerChoice> coolers() {
    List<CoolerChoice> coolers = new ArrayList<>();
    for (int i = 0; i < 40; i++) {
      double width = 0.20 + 0.03 * (i % 10);
      double height = 0.12 + 0.06 * (i / 10);
      double depth = 0.025 + 0.006 * (i % 4);
      coolers.add(
          new CoolerChoice(
              "cooler " + i,
              new OilCooler(
                  OilCooler.Family.STACKED_PLATE,
                  width,
                  height,
                  depth,
                  13,
                  0.0105,
                  1,
                  0.0127,
                  OptionalDouble.empty(),
                  OptionalDouble.empty()),
              100 + i));
    }
    return coolers;
  }

  /** A few of the candidates as rigs of their own, for the reference. */
  static List<Rig> sample() {
    List<Rig> rigs = new ArrayList<>();
    Rig bare = WorkedCase.rig(false);
    for (int i = 0; i < 40; i += 5) {
      CoolerChoice cooler = coolers().get(i);
      Rectangle place =
          new Rectangle(0.02, 0.02 + 0.01 * (i % 7), cooler.part().width(), cooler.part().height());
      OilOrder order = OilOrder.values()[i % OilOrder.values().length];
      rigs.add(
          bare.withPack(Search.stackWith(bare.stack(), cooler, place), bare.fanSettings())
              .withOilLoop(Search.oilLoop(PACK, cooler, order)));
    }
    return rigs;
  }
}
