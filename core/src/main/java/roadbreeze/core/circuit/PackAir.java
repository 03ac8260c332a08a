package roadbreeze.core.circuit;

import java.util.Arrays;
import roadbreeze.core.air.Air;
import roadbreeze.core.stack.AirFlow;
import roadbreeze.core.stack.Layer;
import roadbreeze.core.stack.LayerRole;
import roadbreeze.core.stack.Stack;

/**
 * The air through a pack at one road speed and one speed of its fans.
 *
 * @param speed of the truck, m/s
 * @param fanSpeedRatio of each fan, over its curve's reference speed
 * @param conductance air side, by path and place in the path, W/K; 0 where heat is set
 */
record PackAir(
    Air air, double speed, double[] fanSpeedRatio, AirFlow flow, double[][] conductance) {

  static PackAir of(Stack stack, Air air, double speed, double[] fanSpeedRatio, Factors factors) {
    AirFlow flow =
        AirFlow.solve(
            stack,
            air,
            speed,
            fanSpeedRatio,
            factors.get(Factor.RAM),
            factors.get(Factor.FAN_PRESSURE));
    return new PackAir(air, speed, fanSpeedRatio, flow, conductance(stack, air, flow));
  }

  boolean isAt(Air otherAir, double otherSpeed, double[] otherRatio) {
    return air.equals(otherAir) && speed == otherSpeed && Arrays.equals(fanSpeedRatio, otherRatio);
  }

  private static double[][] conductance(Stack stack, Air air, AirFlow flow) {
    double[][] conductance = new double[stack.paths().size()][];
    for (int p = 0; p < conductance.length; p++) {
      int[] through = stack.layersOf(p);
      double area = stack.paths().get(p).area();
      conductance[p] = new double[through.length];
      for (int i = 0; i < through.length; i++) {
        Layer layer = stack.layers().get(through[i]);
        boolean heatIsSet =
            layer.role() instanceof LayerRole.Condenser
                || layer.role() instanceof LayerRole.ChargeAirCooler;
        if (!heatIsSet) {
          double open = 1 - layer.blockedFraction();
          conductance[p][i] =
              layer.fin().conductance(flow.velocityAt(p, i) / open, air) * open * area;
        }
      }
    }
    return conductance;
  }
}
