package roadbreeze.gauge;

import java.util.Random;

/** What is wrong with a gauge, on demand. */
final class Faults {
  private static final double ZERO_F = 32;
  private static final double PER_K = 1.8;

  private final Random random;
  private double noise;
  private double dropout;
  private boolean fahrenheit;
  private int stuck = -1;
  private double stuckAt = Double.NaN;

  Faults(long seed, double noise) {
    random = new Random(seed);
    this.noise = noise;
  }

  void noise(double kelvin) {
    noise = kelvin;
  }

  void dropout(double share) {
    dropout = share;
  }

  void fahrenheit() {
    fahrenheit = true;
  }

  void stuck(int channel) {
    stuck = channel;
    stuckAt = Double.NaN;
  }

  void none() {
    noise = 0;
    dropout = 0;
    fahrenheit = false;
    stuck = -1;
  }

  /** A row of this number is never sent. */
  boolean drops() {
    return random.nextDouble() < dropout;
  }

  /** What the gauge makes of what is. */
  double[] shown(double[] is) {
    double[] shown = is.clone();
    for (int i = 0; i < SimulatedDrive.TEMPERATURES; i++) {
      shown[i] += noise * random.nextGaussian();
    }
    if (fahrenheit) {
      shown[SimulatedDrive.PAN] = ZERO_F + PER_K * shown[SimulatedDrive.PAN];
    }
    if (stuck >= 0) {
      stuckAt = Double.isNaN(stuckAt) ? shown[stuck] : stuckAt;
      shown[stuck] = stuckAt;
    }
    for (int i = 0; i < shown.length && dropout > 0; i++) {
      shown[i] = random.nextDouble() < dropout ? Double.NaN : shown[i];
    }
    return shown;
  }
}
