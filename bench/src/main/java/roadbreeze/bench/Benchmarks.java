package roadbreeze.bench;

import org.openjdk.jmh.runner.RunnerException;

/** All benchmarks, one after another. */
public final class Benchmarks {
  private Benchmarks() {}

  public static void main(String[] args) throws RunnerException {
    BalanceBench.report();
    HaulBench.report();
    RouteBench.report();
    PlaceBench.report();
    CircuitBench.report();
  }
}
