package roadbreeze.server.build;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.line.Line;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/** One length of hose of the plan, with the fittings at its ends and along it. */
public record Hose(
    @Id String id,
    @NotBlank @Size(max = 80) String name,
    @Within(min = 0.05, max = 10, kind = Kind.LENGTH) double lengthM,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    @Within(min = 0, max = 20, kind = Kind.COUNT) int elbows,
    @Within(min = 0, max = 20, kind = Kind.COUNT) int adapters)
    implements Row {

  /**
   * Loss of a swept 90° elbow and of an adapter or barb, velocity heads: common handbook values.
   */
  private static final double ELBOW_LOSS = 0.9;

  private static final double ADAPTER_LOSS = 1.0;

  public Line toCore() {
    return new Line(lengthM, boreMm / 1000, elbows * ELBOW_LOSS + adapters * ADAPTER_LOSS);
  }
}
