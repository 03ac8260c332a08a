package roadbreeze.server.map;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.OperatingPoint;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.problem.NotConvergedException;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.MarginMap;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.server.build.Build;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.problem.Refusal;

/** Margin maps of a job's builds, nominal, in nine cases of ten, and as a difference. */
final class MapCalculator {
  private final JobContent job;
  private final MarginMap.Axes axes;
  private final double[] across;
  private final double[] upwards;
  private final double[] coreAcross;
  private final double[] coreUpwards;
  private final OperatingPoint base;
  private final Limits limits;
  private final double coolantLimit;

  private MapCalculator(MapRequest request, Build build) {
    job = request.job();
    axes = request.axes();
    across = axis(MapAxis.ACROSS, request.acrossFrom(), request.acrossTo(), request.steps());
    upwards = axis(MapAxis.UPWARDS, request.upFrom(), request.upTo(), request.steps());
    coreAcross =
        Arrays.stream(across).map(x -> axes == MarginMap.Axes.SPEED_GRADE ? x / 3.6 : x).toArray();
    coreUpwards =
        Arrays.stream(upwards)
            .map(
                y ->
                    axes == MarginMap.Axes.AMBIENT_MASS
                        ? y + job.rig().vehicle().massKg()
                        : y / 100)
            .toArray();
    base = job.point();
    limits = job.limits();
    coolantLimit = job.judge(build).coolantLimit(job.setup(build));
  }

  static MapResult map(MapRequest request) {
    Build build = request.job().build(request.build());
    Optional<Build> against = Optional.ofNullable(request.against()).map(request.job()::build);
    return new MapCalculator(request, build).map(build, against);
  }

  private MapResult map(Build build, Optional<Build> against) {
    Setup setup = job.setup(build);
    Rig rig = Assembly.rig(setup);
    Optional<MarginMap.Point>[][] nominal = compute(rig, Factors.NOMINAL);
    Double[][] worst = headroom(nominal);
    Double[][] gain =
        against
            .map(other -> Assembly.rig(job.setup(other)))
            .map(other -> difference(worst, headroom(compute(other, Factors.NOMINAL))))
            .orElse(new Double[0][]);
    return new MapResult(
        boxed(across),
        boxed(upwards),
        coolantLimit,
        limits.feed(),
        limits.pan(),
        each(nominal, MarginMap.Point::coolant),
        each(nominal, MarginMap.Point::feed),
        each(nominal, MarginMap.Point::sump),
        lists(worst),
        lists(sure(setup, rig, build, worst)),
        lists(gain),
        each(nominal, p -> p.speed() * 3.6));
  }

  private Optional<MarginMap.Point>[][] compute(Rig rig, Factors factors) {
    return MarginMap.compute(rig, base, axes, coreAcross, coreUpwards, factors);
  }

  private Double[][] headroom(Optional<MarginMap.Point>[][] map) {
    Double[][] worst = new Double[across.length][upwards.length];
    for (int i = 0; i < across.length; i++) {
      for (int j = 0; j < upwards.length; j++) {
        worst[i][j] =
            map[i][j]
                .map(
                    p ->
                        Math.min(
                            coolantLimit - p.coolant(),
                            Math.min(limits.feed() - p.feed(), limits.pan() - p.sump())))
                .orElse(null);
      }
    }
    return worst;
  }

  /**
   * Headroom in nine cases of ten: the model pushed to where the coolant stands at its nine-in-ten
   * peak, and once more for the pan; the smaller headroom of the two counts. The push is that of
   * the haul itself and is kept over the map.
   */
  private Double[][] sure(Setup setup, Rig rig, Build build, Double[][] nominal) {
    Judge judge = job.judge(build);
    Uncertainty spread;
    try {
      spread = judge.of(setup, rig).spread();
    } catch (NotConvergedException e) {
      return new Double[across.length][upwards.length]; // the haul itself has no band
    }
    Double[][] coolant = pushed(setup, judge, spread, Uncertainty.Share::coolant);
    Double[][] pan = pushed(setup, judge, spread, Uncertainty.Share::sump);
    Double[][] sure = new Double[across.length][upwards.length];
    for (int i = 0; i < across.length; i++) {
      for (int j = 0; j < upwards.length; j++) {
        sure[i][j] =
            coolant[i][j] == null || pan[i][j] == null
                ? null
                : Double.valueOf(Math.min(coolant[i][j], pan[i][j]));
      }
    }
    return sure;
  }

  private Double[][] pushed(
      Setup setup, Judge judge, Uncertainty spread, ToDoubleFunction<Uncertainty.Share> fluid) {
    return headroom(
        compute(judge.pushed(setup, spread, fluid), spread.nineInTen(judge.sources(), fluid)));
  }

  private static Double[][] difference(Double[][] a, Double[][] b) {
    Double[][] gain = new Double[a.length][];
    for (int i = 0; i < a.length; i++) {
      gain[i] = new Double[a[i].length];
      for (int j = 0; j < a[i].length; j++) {
        gain[i][j] = a[i][j] == null || b[i][j] == null ? null : Double.valueOf(a[i][j] - b[i][j]);
      }
    }
    return gain;
  }

  private static double[] axis(MapAxis name, double from, double to, int steps) {
    if (!(to > from)) {
      throw Refusal.AXIS_FALLS.refuse(name);
    }
    return IntStream.range(0, steps)
        .mapToDouble(i -> from + (to - from) * i / (steps - 1))
        .toArray();
  }

  private static List<Double> boxed(double[] values) {
    return Arrays.stream(values).boxed().toList();
  }

  private static List<List<Double>> lists(Double[][] columns) {
    return Arrays.stream(columns).map(Arrays::asList).toList();
  }

  private static List<List<Double>> each(
      Optional<MarginMap.Point>[][] map, Function<MarginMap.Point, Double> value) {
    List<List<Double>> columns = new ArrayList<>();
    for (Optional<MarginMap.Point>[] column : map) {
      columns.add(Arrays.stream(column).map(p -> p.map(value).orElse(null)).toList());
    }
    return columns;
  }
}
