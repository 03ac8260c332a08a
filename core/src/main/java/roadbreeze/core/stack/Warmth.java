package roadbreeze.core.stack;

import java.util.Arrays;

/**
 * How warm the air is on its way through a pack, °C.
 *
 * @param core mean in each core, by path and place in the path
 * @param exit behind the last core of each path
 * @param fan what each fan moves: behind the pack for a puller, mixed by mass flow
 */
public record Warmth(double[][] core, double[] exit, double[] fan) {
  /** All at one temperature: no heat. */
  public static Warmth even(Stack stack, double temperature) {
    double[][] core = new double[stack.paths().size()][];
    for (int p = 0; p < core.length; p++) {
      core[p] = new double[stack.layersOf(p).length];
      Arrays.fill(core[p], temperature);
    }
    double[] exit = new double[core.length];
    Arrays.fill(exit, temperature);
    double[] fan = new double[stack.fans().size()];
    Arrays.fill(fan, temperature);
    return new Warmth(core, exit, fan);
  }
}
