package roadbreeze.server.matrix;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
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
      return at(hottest, departure, new Colder());
    }

    private At at(double hottest, @Nullable Double departure, Colder colder) {
      try {
        HaulCase day = truck.on(road, hottest, departure);
        colder.dawn(hottest);
        // The one that was nearer first: it may settle that the other is not.
        boolean oilFirst = colder.oil.sure < colder.coolant.sure;
        Colder.Known first = oilFirst ? colder.oil : colder.coolant;
        Colder.Known other = oilFirst ? colder.coolant : colder.oil;
        drive(first, day, colder);
        if (other.least(hottest) <= first.sure) {
          drive(other, day, colder);
        }
        Colder.Known nearest = first.sure <= other.sure ? first : other;
        // What holds in nine of ten holds as it is.
        Standing standing =
            nearest.sure >= 0
                ? Standing.HOLDS
                : !colder.over && holds(day.drive().outcome()) ? Standing.MARGINAL : Standing.OVER;
        colder.over |= standing == Standing.OVER;
        return new At(hottest, standing, nearest.fluid, nearest.sure);
      } catch (RefusedException e) {
        return At.undriven(hottest); // not on so hot a day
      }
    }

    private void drive(Colder.Known known, HaulCase day, Colder colder) {
      if (known == colder.coolant) {
        known.tell(Fluid.COOLANT, haul.coolant(day).headroom(), colder.hottest);
        return;
      }
      Outcome oil = haul.oil(day);
      Fluid nearest = oil.pan().headroom() <= oil.feed().headroom() ? Fluid.PAN : Fluid.FEED;
      known.tell(nearest, oil.of(nearest).headroom(), colder.hottest);
    }
  }

  /** What colder days have told of the next: what is over stays so, and headroom shrinks. */
  private static final class Colder {
    // Headroom falls no faster than this from day to day, K/K and K; our own, held by a test.
    private static final double FALLS = 2;
    private static final double JUMPS = 3;

    /** In nine of ten, when it was last driven. */
    private static final class Known {
      private Fluid fluid;
      private double sure = Double.NEGATIVE_INFINITY;
      private double day;

      void tell(Fluid nearest, double headroom, double hottest) {
        fluid = nearest;
        sure = headroom;
        day = hottest;
      }

      /** That it can have come to by now, K. */
      double least(double hottest) {
        return sure - FALLS * (hottest - day) - JUMPS;
      }
    }

    private final Known coolant = new Known();
    private final Known oil = new Known();
    private double hottest = Double.NEGATIVE_INFINITY;
    private boolean over;

    void dawn(double day) {
      // Air conditioning takes air, and fans may follow it: with it all is new.
      if (hottest < MatrixAsk.COOLED_FROM && day >= MatrixAsk.COOLED_FROM) {
        coolant.sure = Double.NEGATIVE_INFINITY;
        oil.sure = Double.NEGATIVE_INFINITY;
        over = false;
      }
      hottest = day;
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
    Colder colder = new Colder();
    for (double hottest : MatrixAsk.HEATS) {
      heats.add(pushed.isEmpty() ? At.undriven(hottest) : pushed.get().at(hottest, null, colder));
    }
    return new MatrixCell(truck, road, heats);
  }
}
