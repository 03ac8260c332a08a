package roadbreeze.server.matrix;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.haul.HotterDays;
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
      return at(hottest, departure, new HotterDays(haul));
    }

    private At at(double hottest, @Nullable Double departure, HotterDays days) {
      try {
        HotterDays.Day day = days.on(truck.on(road, hottest, departure));
        return new At(hottest, day.standing(), day.nearest(), day.sure());
      } catch (RefusedException e) {
        return At.undriven(hottest); // not on so hot a day
      }
    }

    List<At> heats() {
      HotterDays days = new HotterDays(haul);
      return MatrixAsk.HEATS.stream().map(hottest -> at(hottest, null, days)).toList();
    }
  }

  static MatrixCell of(MatrixAsk ask, int truck, int road) {
    return new MatrixCell(
        truck,
        road,
        Pushed.of(ask.trucks().get(truck), Road.all().get(road))
            .map(Pushed::heats)
            .orElseGet(() -> MatrixAsk.HEATS.stream().map(At::undriven).toList()));
  }
}
