package roadbreeze.core.circuit;

import java.util.List;
import roadbreeze.core.problem.Problem;

/** A step of the oil's way: one element, or several side by side sharing the flow. */
public record OilStage(List<Branch> branches) {
  /**
   * @param flowShare of the stage's oil, the shares of a stage adding up to 1
   */
  public record Branch(OilElement element, double flowShare) {}

  public OilStage {
    branches = List.copyOf(branches);
    double sum = branches.stream().mapToDouble(Branch::flowShare).sum();
    if (Math.abs(sum - 1) > 1e-9) {
      throw Problem.FLOW_SHARES.refuse();
    }
  }

  public static OilStage of(OilElement element) {
    return new OilStage(List.of(new Branch(element, 1)));
  }
}
