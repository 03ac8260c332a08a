package roadbreeze.server.nose;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.LinePort;
import roadbreeze.core.nose.Move;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.nose.NoseLines;
import roadbreeze.core.nose.Round;
import roadbreeze.core.nose.Shape;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.nose.Tube;
import roadbreeze.server.message.Units;

/** The nose as people measure it, made the core's, and back. */
public final class NoseMapper {
  private NoseMapper() {}

  /**
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  public static Nose nose(NoseSection section) {
    return new Nose(
        lines(section.measures()),
        section.solids().stream().map(NoseMapper::solid).toList(),
        section.holes().stream().map(NoseMapper::hole).toList(),
        section.ports().stream().map(NoseMapper::port).toList());
  }

  private static NoseLines lines(NoseMeasures m) {
    return new NoseLines(
        lengthOf(m.bonnetMm()),
        lengthOf(m.bumperTopMm()),
        lengthOf(m.bumperAheadMm()),
        lengthOf(m.braceMm()),
        lengthOf(m.latchMm()));
  }

  private static Solid solid(NoseSolid s) {
    return new Solid(
        Name.given(s.id(), Name.Noun.OBSTACLE, s.name()),
        s.what(),
        shape(s),
        s.nature(),
        s.takesAir(),
        Optional.ofNullable(s.move()).map(m -> new Move(m.minutes() * 60, m.needs())),
        Units.mm(s.plusMinusMm()));
  }

  private static Shape shape(NoseSolid s) {
    if (s.tube() != null) {
      return new Tube(
          s.tube().points().stream().map(p -> point(p.acrossMm(), p.upMm(), p.backMm())).toList(),
          Units.mm(s.tube().diameterMm()) / 2);
    }
    NoseSolid.NoseBox b = s.box();
    Box box =
        new Box(
            Units.mm(b.leftMm()),
            Units.mm(b.bottomMm()),
            Units.mm(b.frontMm()),
            Units.mm(b.widthMm()),
            Units.mm(b.heightMm()),
            Units.mm(b.depthMm()));
    return s.round() == null ? box : new Round(box, s.round());
  }

  private static BodyHole hole(NoseHole h) {
    return new BodyHole(
        Name.given(h.id(), Name.Noun.HOLE, h.name()),
        h.sort(),
        point(h.acrossMm(), h.upMm(), h.backMm()),
        h.looks(),
        h.thread(),
        Units.mm(h.freeMm()),
        Optional.ofNullable(h.holds()),
        Units.mm(h.plusMinusMm()));
  }

  private static LinePort port(NosePort p) {
    return new LinePort(
        Name.given(p.id(), Name.Noun.LINE_PORT, p.name()),
        p.what(),
        point(p.acrossMm(), p.upMm(), p.backMm()),
        p.looks(),
        p.fitting(),
        Units.mm(p.boreMm()),
        p.rocks(),
        Units.mm(p.plusMinusMm()));
  }

  /** The core's ports in mm, to the tenth. */
  public static List<NosePort> ports(Nose nose) {
    return nose.ports().stream()
        .map(
            p ->
                new NosePort(
                    p.name().id(),
                    p.name().given(),
                    p.what(),
                    mm(Axis.ACROSS.of(p.at())),
                    mm(Axis.UP.of(p.at())),
                    mm(Axis.BACK.of(p.at())),
                    p.looks(),
                    p.fitting(),
                    mm(p.bore()),
                    p.rocks(),
                    mm(p.plusMinus())))
        .toList();
  }

  /** A place in the core's frame. */
  public static Vector3D point(double acrossMm, double upMm, double backMm) {
    return new Vector3D(Units.mm(acrossMm), Units.mm(upMm), Units.mm(backMm));
  }

  private static OptionalDouble lengthOf(@Nullable Double mm) {
    return mm == null ? OptionalDouble.empty() : OptionalDouble.of(Units.mm(mm));
  }

  /** The core's solids in mm, to the tenth. */
  public static List<NoseSolid> solids(Nose nose) {
    return nose.solids().stream().map(NoseMapper::solid).toList();
  }

  private static NoseSolid solid(Solid s) {
    NoseSolid.NoseTube tube = s.shape() instanceof Tube t ? tube(t) : null;
    return new NoseSolid(
        s.name().id(),
        s.name().given(),
        s.what(),
        tube == null ? box(s.shape().bounds()) : null,
        s.shape() instanceof Round round ? round.axis() : null,
        tube,
        s.nature(),
        s.takesAir(),
        s.move().map(m -> new NoseSolid.NoseMove(m.time() / 60, m.needs())).orElse(null),
        mm(s.plusMinus()));
  }

  /** A box in mm, to the tenth. */
  public static NoseSolid.NoseBox box(Box b) {
    return new NoseSolid.NoseBox(
        mm(b.x()), mm(b.y()), mm(b.z()), mm(b.width()), mm(b.height()), mm(b.depth()));
  }

  private static NoseSolid.NoseTube tube(Tube tube) {
    List<NoseSolid.NosePoint> points = new ArrayList<>();
    for (Vector3D p : tube.points()) {
      points.add(
          new NoseSolid.NosePoint(
              "point-" + (points.size() + 1),
              mm(Axis.ACROSS.of(p)),
              mm(Axis.UP.of(p)),
              mm(Axis.BACK.of(p))));
    }
    return new NoseSolid.NoseTube(mm(2 * tube.radius()), points);
  }

  /** The core's holes in mm, to the tenth. */
  public static List<NoseHole> holes(Nose nose) {
    return nose.holes().stream()
        .map(
            h ->
                new NoseHole(
                    h.name().id(),
                    h.name().given(),
                    h.sort(),
                    mm(Axis.ACROSS.of(h.at())),
                    mm(Axis.UP.of(h.at())),
                    mm(Axis.BACK.of(h.at())),
                    h.looks(),
                    h.thread(),
                    mm(h.free()),
                    h.holds().orElse(null),
                    mm(h.plusMinus())))
        .toList();
  }

  /** To the tenth: finer than anybody measures a truck. */
  public static double mm(double metres) {
    return Math.round(metres * 1e4) / 10.0;
  }
}
