package roadbreeze.server.sizing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.FanCurve;
import roadbreeze.core.stack.Stack;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.rig.AirTraverse;
import roadbreeze.server.rig.Build;
import roadbreeze.server.rig.CoreSize;
import roadbreeze.server.rig.FanPart;
import roadbreeze.server.rig.RigFactory;

/** Fans on their curves against what the pack asks at several road speeds. */
final class FanCalculator {
  private static final double[] SPEEDS_KMH = {0, 30, 60, 90};
  private static final int POINTS = 25;
  private static final double LEAST_FACTOR = 0.1;
  private static final double MOST_FACTOR = 3;

  private FanCalculator() {}

  static FanReport report(JobContent job, Build build) {
    Rig rig = Assessor.rig(job, build);
    Balance balance = new SteadyBalance(rig).solve(job.haul().toCore());
    Stack stack = rig.stack();
    double[] ratio = balance.fanSpeedRatio();
    Air air = balance.air();
    AirFlow[] flows =
        Arrays.stream(SPEEDS_KMH)
            .mapToObj(v -> AirFlow.solve(stack, air, v / 3.6, ratio, 1, 1))
            .toArray(AirFlow[]::new);
    List<FanReport.FanState> fans = new ArrayList<>();
    for (int f = 0; f < stack.fans().size(); f++) {
      int fan = f;
      FanCurve curve = stack.fans().get(f).curve();
      double free = curve.freeFlow() * ratio[f];
      double most = Math.max(free * 1.25, curve.freeFlow() * 0.2);
      List<FanReport.Point> line =
          IntStream.rangeClosed(0, POINTS)
              .mapToDouble(i -> most * i / POINTS)
              .mapToObj(q -> new FanReport.Point(q, curve.pressure(q, ratio[fan], air.density())))
              .toList();
      double top = Math.max(40, curve.pressure(0, ratio[f], air.density()));
      List<FanReport.AtSpeed> at = new ArrayList<>();
      for (int s = 0; s < SPEEDS_KMH.length; s++) {
        double speed = SPEEDS_KMH[s] / 3.6;
        List<FanReport.Point> pack =
            IntStream.rangeClosed(0, POINTS)
                .mapToDouble(i -> -0.3 * top + 1.3 * top * i / POINTS)
                .mapToObj(p -> new FanReport.Point(AirFlow.demand(stack, air, speed, fan, p), p))
                .toList();
        at.add(
            new FanReport.AtSpeed(
                SPEEDS_KMH[s], flows[s].fanFlow()[f], flows[s].fanPressure()[f], pack));
      }
      fans.add(
          new FanReport.FanState(
              stack.fans().get(f).name(), curve.estimated(), ratio[f], free, line, at));
    }
    return new FanReport(fans, job.traverse() == null ? null : traverse(job, build, stack, air));
  }

  private static FanReport.Traverse traverse(JobContent job, Build build, Stack stack, Air air) {
    AirTraverse readings = job.traverse();
    double mean = readings.mean();
    // Readings are taken with the fan at its best; a clutched one is taken gripped.
    double[] full = new double[stack.fans().size()];
    for (int f = 0; f < full.length; f++) {
      full[f] = f < build.fans().size() ? build.fans().get(f).speedPercent() / 100 : 1;
    }
    if (readings.where() == AirTraverse.Where.FREE_AIR) {
      FanPart part = build.fans().get(0).part();
      double disc = part.count() * Math.PI / 4 * Math.pow(part.diameterMm() / 1000, 2);
      double measured = mean * disc;
      double percent = Math.min(100, 100 * measured / part.freeFlowM3s());
      return new FanReport.Traverse(
          mean,
          measured,
          part.freeFlowM3s(),
          null,
          percent,
          text(
              "In free air the fan moves %.2f m³/s; its figure says %.2f m³/s. It reaches %.0f %% of"
                  + " its speed.",
              measured, part.freeFlowM3s(), percent));
    }
    CoreSize radiator = RigFactory.radiator(job.vehicle().cooling(), build);
    double face = radiator.widthMm() * radiator.heightMm() / 1e6;
    double measured = mean * face;
    double now = flow(stack, air, full, 1);
    double applied = job.vehicle().cooling().fanFactor();
    double low = flow(stack, air, full, LEAST_FACTOR / applied) - measured;
    double high = flow(stack, air, full, MOST_FACTOR / applied) - measured;
    if (low >= 0 || high <= 0) {
      return new FanReport.Traverse(
          mean,
          measured,
          now,
          null,
          null,
          text(
              "Readings of %.2f m³/s cannot come from this fan and pack, which would pass %.2f m³/s:"
                  + " check the grid, the units and that the fan ran at full.",
              measured, now));
    }
    double factor =
        applied
            * new BracketingNthOrderBrentSolver(1e-9, 1e-9, 1e-9, 5)
                .solve(
                    200,
                    x -> flow(stack, air, full, x) - measured,
                    LEAST_FACTOR / applied,
                    MOST_FACTOR / applied);
    return new FanReport.Traverse(
        mean,
        measured,
        now,
        factor,
        null,
        text(
            "Through the core %.2f m³/s were read; the model passes %.2f m³/s. A fan pressure factor"
                + " of %.2f brings them together.",
            measured, now, factor));
  }

  private static double flow(Stack stack, Air air, double[] ratio, double factor) {
    return AirFlow.solve(stack, air, 0, ratio, 1, factor).totalFlow(stack);
  }

  private static String text(String format, Object... values) {
    return String.format(Locale.ROOT, format, values);
  }
}
