package roadbreeze.server.matrix;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Standing;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.haul.Road;
import roadbreeze.server.job.JobContent;

/**
 * A truck on a road, at each heat of the day.
 *
 * @param truck its place among those asked
 * @param road its place among the yard's
 */
record MatrixCell(int truck, int road, List<At> heats) {
  /**
   * One day.
   *
   * @param hottestC of it
   * @param standing null where it cannot drive there
   * @param limitedBy the fluid nearest to its limit in nine of ten
   * @param sureK headroom that nine of ten keep
   */
  record At(
      double hottestC,
      @Nullable Standing standing,
      @Nullable Fluid limitedBy,
      @Nullable Double sureK) {
    static At undriven(double hottest) {
      return new At(hottest, null, null, null);
    }
  }

  /**
   * A truck pushed to where its coolant, or its pan, stands in the hottest of nine in ten cases:
   * what the map of margins does, in time. Twenty drives of a band at each heat would cost too
   * much, and a band of another day is none: a switched fan takes up what the model may be off by
   * until it runs all the time.
   */
  record Pushed(
      MatrixAsk.Truck truck, Road road, Rig coolantRig, Factors coolant, Rig panRig, Factors pan) {
    /** Empty where the truck comes to rest on that stretch on no day, or must not be driven. */
    static Optional<Pushed> of(MatrixAsk.Truck truck, Road road) {
      try {
        return Optional.of(driven(truck, road));
      } catch (RefusedException e) {
        return Optional.empty();
      }
    }

    private static Pushed driven(MatrixAsk.Truck truck, Road road) {
      JobContent there = truck.content().on(road.haul());
      Setup setup = there.setup(truck.chosen());
      Judge judge = there.judge(truck.chosen());
      // Of the worst stretch in mild air, where every truck comes to rest.
      Uncertainty spread = judge.at(judge.point().withAmbient(MILD)).of(setup).spread();
      return new Pushed(
          truck,
          road,
          judge.pushed(setup, spread, Uncertainty.Share::coolant),
          spread.nineInTen(judge.sources(), Uncertainty.Share::coolant),
          judge.pushed(setup, spread, Uncertainty.Share::sump),
          spread.nineInTen(judge.sources(), Uncertainty.Share::sump));
    }

    /** At one heat of the day, leaving at an hour; null leaves at the road's own. */
    At at(double hottest, @Nullable Double departure) {
      try {
        HaulCase haul = truck.on(road, hottest, departure);
        Outcome hotCoolant = haul.drive(coolantRig, coolant).outcome();
        Outcome hotPan = haul.drive(panRig, pan).outcome();
        Map<Fluid, Double> sure = new EnumMap<>(Fluid.class);
        sure.put(Fluid.COOLANT, hotCoolant.coolant().headroom());
        sure.put(Fluid.PAN, hotPan.pan().headroom());
        sure.put(Fluid.FEED, hotPan.feed().headroom());
        Fluid nearest =
            Stream.of(Fluid.COOLANT, Fluid.PAN, Fluid.FEED)
                .min(Comparator.comparingDouble(sure::get))
                .orElseThrow();
        // What holds in nine of ten holds as it is.
        Standing standing =
            sure.get(nearest) >= 0
                ? Standing.HOLDS
                : holds(haul.drive().outcome()) ? Standing.MARGINAL : Standing.OVER;
        return new At(hottest, standing, nearest, sure.get(nearest));
      } catch (RefusedException e) {
        return At.undriven(hottest); // not on so hot a day
      }
    }
  }

  private static boolean holds(Outcome usual) {
    return Stream.of(Fluid.values()).allMatch(f -> usual.of(f).headroom() >= 0);
  }

  /** °C */
  private static final double MILD = 20;

  static MatrixCell of(MatrixAsk ask, int truck, int road) {
    MatrixAsk.Truck asked = ask.trucks().get(truck);
    Road there = Road.all().get(road);
    Optional<Pushed> pushed = Pushed.of(asked, there);
    List<At> heats = new ArrayList<>();
    for (double hottest : MatrixAsk.HEATS) {
      heats.add(pushed.map(p -> p.at(hottest, null)).orElseGet(() -> At.undriven(hottest)));
    }
    return new MatrixCell(truck, road, heats);
  }
}
