package roadbreeze.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import roadbreeze.core.RichCase;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.air.Air;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.FanDrive;
import roadbreeze.core.circuit.FanSetting;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.circuit.Thermostat;
import roadbreeze.core.finder.Result;
import roadbreeze.core.rig.Assembly;
import roadbreeze.core.rig.Assumed;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.sizing.CoolerEffect;
import roadbreeze.core.sizing.Headroom;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Levers;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.MarginMap;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Layout;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Stack;

/**
 * Balance, margin map, search and drag of the worked case against the plain reference, in one run.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class BalanceBench {
  private static final int STEPS = 41;
  private static final int WORKERS = 2;
  private static final Air AIR = Air.at(38, 600);
  private final Rig rig = WorkedCase.rig(true);
  private final Rig clutched = clutched();
  private final Setup richSetup = RichCase.setup();
  private final Rig rich = Assembly.rig(richSetup);
  private final Judge judge = judge();
  private final double[] grades = axis(0, 0.12);
  private final double[] ambients = axis(10, 50);

  private static double[] axis(double from, double to) {
    return IntStream.range(0, STEPS)
        .mapToDouble(i -> from + (to - from) * i / (STEPS - 1))
        .toArray();
  }

  /** The worked truck with a viscous clutch on its engine, which grips by its own temperatures. */
  private static Rig clutched() {
    FanDrive.Belt belt = new FanDrive.Belt(1.1, 2600, 2600, 6000, 0.25, 0.9);
    return WorkedCase.rig(
        WorkedCase.stack(true),
        WorkedCase.stages(true),
        new FanSetting(new FanDrive.Viscous(belt, 60, 90), 1),
        new Thermostat(90, 99));
  }

  /** With every number that can be assumed only assumed: the most that a verdict can ask. */
  private static Judge judge() {
    List<Judge.Doubted> assumed =
        Arrays.stream(Assumed.values()).map(a -> new Judge.Doubted(a, "")).toList();
    return new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, assumed);
  }

  private static double[] richSpeeds() {
    return new double[] {1.2, 1, 1, 1};
  }

  /** A new solver each time: nothing of an earlier answer is reused. */
  @Benchmark
  public Balance balance() {
    return new SteadyBalance(rig).solve(WorkedCase.CLIMB);
  }

  @Benchmark
  public PlainBalance.Result reference() {
    return PlainBalance.solve(rig, WorkedCase.CLIMB);
  }

  @Benchmark
  public Optional<MarginMap.Point>[][] map() {
    return MarginMap.compute(
        rig, WorkedCase.CLIMB, MarginMap.Axes.AMBIENT_GRADE, ambients, grades, Factors.NOMINAL);
  }

  @Benchmark
  public Optional<MarginMap.Point>[][] clutchedMap() {
    return MarginMap.compute(
        clutched,
        WorkedCase.CLIMB,
        MarginMap.Axes.AMBIENT_GRADE,
        ambients,
        grades,
        Factors.NOMINAL);
  }

  /** The whole search on two threads, as a server's two workers take it. */
  @Benchmark
  public List<Result> finder() {
    return IntStream.range(0, WORKERS)
        .parallel()
        .mapToObj(i -> Candidates.search().part(i, WORKERS).run(n -> {}, () -> false))
        .toList();
  }

  /** What one step of a drag asks of the core: verdict with its band, and what more would buy. */
  @Benchmark
  public Object drag() {
    Headroom headroom = Headroom.of(rig, WorkedCase.CLIMB, Limits.DEFAULT, 100e3);
    return Levers.of(rig, WorkedCase.CLIMB, headroom.balance());
  }

  /** What a build of the fullest nose asks of the core: its verdict, and what stands behind it. */
  @Benchmark
  public Object richAssessment() {
    Headroom headroom = judge.of(richSetup, rich);
    return List.of(
        Levers.of(rich, WorkedCase.CLIMB, headroom.balance()),
        CoolerEffect.of(richSetup, rich, WorkedCase.CLIMB, headroom.balance()),
        Clearance.of(Layout.of(richSetup)));
  }

  @Benchmark
  public Optional<MarginMap.Point>[][] richMap() {
    return MarginMap.compute(
        rich, WorkedCase.CLIMB, MarginMap.Axes.AMBIENT_GRADE, ambients, grades, Factors.NOMINAL);
  }

  @Benchmark
  public double[] richAir() {
    return AirFlow.cold(rich.stack(), AIR, WorkedCase.CLIMB.speed(), richSpeeds()).fanPressure();
  }

  static void report() throws RunnerException {
    Collection<RunResult> results =
        new Runner(
                new OptionsBuilder()
                    .include(BalanceBench.class.getName())
                    .forks(1)
                    .jvmArgs("-Xmx512m")
                    .warmupIterations(3)
                    .warmupTime(TimeValue.seconds(2))
                    .measurementIterations(11)
                    .measurementTime(TimeValue.seconds(1))
                    .build())
            .run();
    Map<String, Double> micros = new HashMap<>();
    for (RunResult result : results) {
      // The median: a shared machine stalls now and then, and a mean would tell of that.
      micros.put(
          result.getPrimaryResult().getLabel(),
          result.getPrimaryResult().getStatistics().getPercentile(50));
    }
    double reference = micros.get("reference");
    long candidates = Result.merge(List.of(Candidates.search().run(n -> {}, () -> false))).tried();
    double each = micros.get("finder") / candidates;
    System.out.printf("%nreference   %10.1f µs, plain nested bisection%n", reference);
    System.out.printf(
        "balance     %10.1f µs, %.0f times faster%n",
        micros.get("balance"), reference / micros.get("balance"));
    System.out.printf(
        "map         %10.1f ms for %d × %d balances, %.1f ms with a clutched fan%n",
        micros.get("map") / 1000, STEPS, STEPS, micros.get("clutchedMap") / 1000);
    System.out.printf(
        "finder      %10.1f µs a candidate on %d threads: %.0f candidates/s, %.0f times faster%n",
        each, WORKERS, 1e6 / each, reference / each);
    System.out.printf(
        "drag        %10.1f ms an answer: %.0f a second%n",
        micros.get("drag") / 1000, 1e6 / micros.get("drag"));
    BalanceBench bench = new BalanceBench();
    Stack rich = bench.rich.stack();
    System.out.printf(
        "fullest job %10.1f ms an assessment, %.1f ms for its map (%d paths of air, %d doubts)%n",
        micros.get("richAssessment") / 1000,
        micros.get("richMap") / 1000,
        rich.paths().size(),
        Assumed.values().length);
    long started = System.nanoTime();
    double[] plain = PlainAir.pressures(rich, AIR, WorkedCase.CLIMB.speed(), richSpeeds());
    double plainMicros = (System.nanoTime() - started) / 1e3;
    double[] fast = bench.richAir();
    System.out.printf(
        "its air     %10.1f µs, %.0f times faster than fan after fan by bisection; %.5f Pa apart%n",
        micros.get("richAir"),
        plainMicros / micros.get("richAir"),
        IntStream.range(0, plain.length)
            .mapToDouble(f -> Math.abs(plain[f] - fast[f]))
            .max()
            .orElseThrow());
    System.out.printf(
        "differences %10.4f K at most, worked case and %d candidates%n",
        worst(), Candidates.sample().size());
    System.out.println("heap        limit of the run: 512 MB");
  }

  /** Largest difference to the reference, K. */
  private static double worst() {
    List<Rig> rigs = new ArrayList<>(Candidates.sample());
    rigs.add(WorkedCase.rig(true));
    double worst = 0;
    for (Rig rig : rigs) {
      Balance fast = new SteadyBalance(rig).solve(WorkedCase.CLIMB);
      PlainBalance.Result plain = PlainBalance.solve(rig, WorkedCase.CLIMB);
      worst = Math.max(worst, Math.abs(fast.coolant() - plain.coolant()));
      worst = Math.max(worst, Math.abs(fast.sump() - plain.sump()));
    }
    return worst;
  }
}
