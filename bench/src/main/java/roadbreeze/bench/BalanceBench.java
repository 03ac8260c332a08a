package roadbreeze.bench;

import java.util.Collection;
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
import roadbreeze.core.WorkedCase;
import roadbreeze.core.circuit.Balance;
import roadbreeze.core.circuit.Factors;
import roadbreeze.core.circuit.Rig;
import roadbreeze.core.circuit.SteadyBalance;
import roadbreeze.core.sizing.MarginMap;

/** Balance and margin map of the worked case against the plain reference, in one run. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class BalanceBench {
  private static final int STEPS = 41;
  private final Rig rig = WorkedCase.rig(true);
  private final double[] grades = axis(0, 0.12);
  private final double[] ambients = axis(10, 50);

  private static double[] axis(double from, double to) {
    return IntStream.range(0, STEPS).mapToDouble(i -> from + (to - from) * i / (STEPS - 1)).toArray();
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

  public static void main(String[] args) throws RunnerException {
    Collection<RunResult> results =
        new Runner(
                new OptionsBuilder()
                    .include(BalanceBench.class.getName())
                    .forks(1)
                    .jvmArgs("-Xmx512m")
                    .warmupIterations(3)
                    .warmupTime(TimeValue.seconds(2))
                    .measurementIterations(5)
                    .measurementTime(TimeValue.seconds(2))
                    .build())
            .run();
    double balance = 0;
    double reference = 0;
    double map = 0;
    for (RunResult result : results) {
      double score = result.getPrimaryResult().getScore();
      switch (result.getPrimaryResult().getLabel()) {
        case "balance" -> balance = score;
        case "reference" -> reference = score;
        default -> map = score;
      }
    }
    Rig rig = WorkedCase.rig(true);
    Balance fast = new SteadyBalance(rig).solve(WorkedCase.CLIMB);
    PlainBalance.Result plain = PlainBalance.solve(rig, WorkedCase.CLIMB);
    System.out.printf("%nbalance    %8.1f µs%n", balance);
    System.out.printf("reference  %8.1f µs%n", reference);
    System.out.printf("ratio      %8.1f times faster%n", reference / balance);
    System.out.printf(
        "difference %8.4f K coolant, %.4f K sump%n",
        Math.abs(fast.coolant() - plain.coolant()), Math.abs(fast.sump() - plain.sump()));
    System.out.printf("map        %8.1f ms for %d × %d balances%n", map / 1000, STEPS, STEPS);
    System.out.println("heap       limit of the run: 512 MB");
  }
}
