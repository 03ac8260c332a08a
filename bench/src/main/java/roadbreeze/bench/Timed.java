package roadbreeze.bench;

import java.util.stream.DoubleStream;

/** How long something takes, ms. */
final class Timed {
  private Timed() {}

  static double milliseconds(Runnable task) {
    long started = System.nanoTime();
    task.run();
    return (System.nanoTime() - started) / 1e6;
  }

  /** The middle of several runs, after some that do not count. */
  static double median(Runnable task, int warmUp, int runs) {
    DoubleStream.generate(() -> milliseconds(task)).limit(warmUp).sum();
    return DoubleStream.generate(() -> milliseconds(task))
        .limit(runs)
        .sorted()
        .skip(runs / 2)
        .findFirst()
        .orElseThrow();
  }
}
