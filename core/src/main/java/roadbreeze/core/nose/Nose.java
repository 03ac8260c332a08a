package roadbreeze.core.nose;

import java.util.List;

/** A truck's nose as far as it is known. */
public record Nose(
    NoseLines lines, List<Solid> solids, List<BodyHole> holes, List<LinePort> ports) {
  public static final Nose UNKNOWN = new Nose(NoseLines.NONE, List.of(), List.of(), List.of());

  public Nose {
    solids = List.copyOf(solids);
    holes = List.copyOf(holes);
    ports = List.copyOf(ports);
  }
}
