package roadbreeze.core.nose;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;

/**
 * A hole or a stud of the body that something can be hung on.
 *
 * @param at the middle of its mouth, or where a stud comes out
 * @param looks where a screw would come from
 * @param free depth of thread that is left, or length of stud that stands free, m
 * @param holds what it already holds, empty where nothing
 * @param plusMinus how well its place is known, m
 */
public record BodyHole(
    Name name,
    Sort sort,
    Vector3D at,
    Direction looks,
    ScrewThread thread,
    double free,
    Optional<String> holds,
    double plusMinus) {

  /** What a screw finds there. */
  public enum Sort {
    THREADED,
    STUD,
    PLAIN
  }

  BodyHole at(Vector3D place, double known) {
    return new BodyHole(name, sort, place, looks, thread, free, holds, known);
  }
}
