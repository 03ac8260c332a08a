package roadbreeze.server.heat;

import jakarta.annotation.Nullable;
import java.util.List;
import roadbreeze.server.message.Said;

/**
 * What the air traverses of a job say.
 *
 * @param rows one for each traverse, in its order
 * @param compared fans that were read, each by its last readings, in the pack of one build
 */
public record TraverseReport(List<Read> rows, List<Compared> compared) {

  /**
   * Readings against the model, truck standing.
   *
   * @param modelFlow null where the build they were taken on is gone
   * @param fanFactor that makes the model pass what was measured, null if it is the fan that
   *     differs
   * @param speedPercent of its proper speed that the fan reaches, null if read at the core
   * @param said what they tell, and what makes them worth less
   * @param alike what the fan moves on equal terms, empty where that is not known
   */
  public record Read(
      String id,
      double meanMs,
      double measuredFlow,
      @Nullable Double modelFlow,
      @Nullable Double fanFactor,
      @Nullable Double speedPercent,
      List<Said> said,
      List<Alike> alike) {}

  /**
   * Air of one fan in the pack of the build in hand, helper fans at rest.
   *
   * @param rpm of the engine, null where the fan does not care
   * @param flow m³/s
   * @param spread half width of nine in ten, m³/s
   */
  public record Alike(@Nullable Double rpm, double flow, double spread) {}

  /**
   * Two fans on equal terms.
   *
   * @param first id of the traverse of one
   * @param second id of that of the other
   * @param rpm of the engine, null where neither cares
   */
  public record Compared(String first, String second, @Nullable Double rpm, Said said) {}
}
