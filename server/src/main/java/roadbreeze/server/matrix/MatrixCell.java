package roadbreeze.server.matrix;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import roadbreeze.core.haul.HaulCase;
import roadbreeze.core.haul.Outcome;
import roadbreeze.core.haul.PushedHaul;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Standing;
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

  /** A truck on a road, as surely as nine in ten. */
  record Pushed(MatrixAsk.Truck truck, Road road, PushedHaul haul) {
    /** Empty where the truck comes to rest on that stretch on no day, or must not be driven. */
    static Optional<Pushed> of(MatrixAsk.Truck truck, Road road) {
      try {
        JobContent there = truck.content().on(road.haul());
        PushedHaul pushed = PushedHaul.of(there.judge(truck.chosen()), there.setup(truck.chosen()));
        return Optional.of(new Pushed(truck, road, pushed));
      } catch (RefusedException e) {
        return Optional.empty();
      }
    }

    /** At one heat of the day, leaving at an hour; null leaves at the road's own. */
    At at(double hottest, @Nullable Double departure) {
      return at(hottest, departure, false);
    }

    /** The same where it is known to be over its limits on a colder day, and so on this one. */
    private At at(double hottest, @Nullable Double departure, boolean over) {
      try {
        HaulCase day = truck.on(road, hottest, departure);
        Outcome oil = haul.oil(day);
        Map<Fluid, Double> sure = new EnumMap<>(Fluid.class);
        sure.put(Fluid.COOLANT, haul.coolant(day).headroom());
        sure.put(Fluid.PAN, oil.pan().headroom());
        sure.put(Fluid.FEED, oil.feed().headroom());
        Fluid nearest =
            Stream.of(Fluid.COOLANT, Fluid.PAN, Fluid.FEED)
                .min(Comparator.comparingDouble(sure::get))
                .orElseThrow();
        // What holds in nine of ten holds as it is.
        Standing standing =
            sure.get(nearest) >= 0
                ? Standing.HOLDS
                : !over && holds(day.drive().outcome()) ? Standing.MARGINAL : Standing.OVER;
        return new At(hottest, standing, nearest, sure.get(nearest));
      } catch (RefusedException e) {
        return At.undriven(hottest); // not on so hot a day
      }
    }
  }

  private static boolean holds(Outcome usual) {
    return Stream.of(Fluid.values()).allMatch(f -> usual.of(f).headroom() >= 0);
  }

  static MatrixCell of(MatrixAsk ask, int truck, int road) {
    MatrixAsk.Truck asked = ask.trucks().get(truck);
    Road there = Road.all().get(road);
    Optional<Pushed> pushed = Pushed.of(asked, there);
    List<At> heats = new ArrayList<>();
    boolean over = false;
    for (double hottest : MatrixAsk.HEATS) {
      At at = pushed.isEmpty() ? At.undriven(hottest) : pushed.get().at(hottest, null, over);
      // Fans may follow the air conditioning: what is over without it need not be with it.
      over |= at.standing() == Standing.OVER && hottest >= MatrixAsk.COOLED_FROM;
      heats.add(at);
    }
    return new MatrixCell(truck, road, heats);
  }
}
