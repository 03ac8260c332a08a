package roadbreeze.server.heat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.stack.AirFactors;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.PackFlow;
import roadbreeze.core.stack.Stack;
import roadbreeze.core.stack.Warmth;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;

/** Fans on their curves against what the pack asks at several road speeds. */
final class FanCalculator {
  private static final double[] SPEEDS_KMH = {0, 30, 60, 90};
  private static final int POINTS = 25;

  private FanCalculator() {}

  static FanReport report(JobContent job, Build build) {
    Setup setup = job.setup(build);
    Rig rig = Assembly.rig(setup);
    Balance balance = new SteadyBalance(rig).solve(job.point());
    Stack stack = rig.stack();
    double[] ratio = balance.fanSpeedRatio();
    Air air = balance.air();
    // The pack is taken as warm as it is on this haul, at every speed.
    Warmth warmth = balance.warmth(stack);
    PackFlow[] packs =
        Arrays.stream(SPEEDS_KMH)
            .mapToObj(v -> new PackFlow(stack, air, v / 3.6, ratio, AirFactors.NOMINAL))
            .toArray(PackFlow[]::new);
    AirFlow[] flows = Arrays.stream(packs).map(p -> p.solve(warmth)).toArray(AirFlow[]::new);
    List<FanReport.FanState> fans = new ArrayList<>();
    for (int f = 0; f < stack.fans().size(); f++) {
      int fan = f;
      FanCurve curve = stack.fans().get(f).curve();
      double density = air.warmedTo(warmth.fan()[f]).density();
      double free = curve.freeFlow() * ratio[f];
      double most = Math.max(free * 1.25, curve.freeFlow() * 0.2);
      List<FanReport.Point> line =
          IntStream.rangeClosed(0, POINTS)
              .mapToDouble(i -> most * i / POINTS)
              .mapToObj(q -> new FanReport.Point(q, curve.pressure(q, ratio[fan], density)))
              .toList();
      double top = Math.max(40, curve.pressure(0, ratio[f], density));
      List<FanReport.AtSpeed> at = new ArrayList<>();
      for (int s = 0; s < SPEEDS_KMH.length; s++) {
        PackFlow packThere = packs[s];
        List<FanReport.Point> pack =
            IntStream.rangeClosed(0, POINTS)
                .mapToDouble(i -> -0.3 * top + 1.3 * top * i / POINTS)
                .mapToObj(p -> new FanReport.Point(packThere.demand(fan, p, warmth), p))
                .toList();
        at.add(
            new FanReport.AtSpeed(
                SPEEDS_KMH[s], flows[s].fanFlow()[f], flows[s].fanPressure()[f], pack));
      }
      fans.add(
          new FanReport.FanState(
              Said.PartName.of(stack.fans().get(f).name()),
              curve.estimated(),
              ratio[f],
              free,
              line,
              at));
    }
    return new FanReport(fans);
  }
}
