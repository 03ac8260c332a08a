package roadbreeze.core.space;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.bracket.ChannelStock;
import roadbreeze.core.bracket.Support;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Axis;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Tube;
import roadbreeze.core.stack.Rectangle;

/**
 * A channel laid across from one hole of the body to another, its web square to the way they look.
 * Between them it offers a place for a tab opposite each ear of a core.
 *
 * @param legsOut its web lies on the body with its legs off it, and tabs lie on the web's back;
 *     else it stands on its legs, and they lie on the web's face
 */
public record CrossChannel(
    Name name, ChannelStock stock, BodyHole from, BodyHole to, boolean legsOut) {

  /** Why two holes take no channel. */
  public enum Misfit implements Code {
    SAME_HOLE,
    LOOK_APART,
    DEPTHS_APART("is SIZE", "most SIZE"),
    TOO_NEAR("is SIZE", "wanted SIZE"),
    TOO_FAR("is SIZE", "most SIZE"),
    /** For the screws that go through its web. */
    NARROW_WEB("is SIZE", "wanted SIZE");

    private final List<Parameter> parameters;

    Misfit(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Screw and nut that hold a tab on it. */
  public static final ScrewThread TAB_SCREW = ScrewThread.M6;

  /** Washers under one end take up so much, m; own default. */
  private static final double MOST_PACKING = 12e-3;

  private static final double LEAST_SPAN = 80e-3;
  private static final double MOST_SPAN = 1.6;

  /** A hole is so far from an edge of a channel, in diameters of its screw (-). */
  private static final double TO_END = 1.5;

  /** Its last hole is no longer a slot than this, m; own default. */
  private static final double LONGEST_SLOT = 8e-3;

  /** Web between a tab's screw and the body's, m: a washer and a socket side by side. */
  private static final double TAB_TO_SCREW = 25e-3;

  /** Why it cannot be; empty where it can. */
  public Optional<Finding> misfit() {
    if (from.name().equals(to.name())) {
      return Optional.of(Misfit.SAME_HOLE.with());
    }
    if (from.looks() != to.looks()) {
      return Optional.of(Misfit.LOOK_APART.with());
    }
    double packing = Math.abs(apart());
    if (packing > MOST_PACKING) {
      return Optional.of(Misfit.DEPTHS_APART.with(packing, MOST_PACKING));
    }
    if (span() < LEAST_SPAN) {
      return Optional.of(Misfit.TOO_NEAR.with(span(), LEAST_SPAN));
    }
    if (span() > MOST_SPAN) {
      return Optional.of(Misfit.TOO_FAR.with(span(), MOST_SPAN));
    }
    double wanted = 2 * TO_END * Math.max(from.thread().diameter(), to.thread().diameter());
    return stock.web() < wanted
        ? Optional.of(Misfit.NARROW_WEB.with(stock.web(), wanted))
        : Optional.empty();
  }

  /** How much farther out the first hole's face is than the second's, m. */
  private double apart() {
    return from.at().subtract(to.at()).dotProduct(out());
  }

  private Vector3D out() {
    return from.looks().vector();
  }

  /** Under its first end, m; none where that stands farther out than the other. */
  public double packingFrom() {
    return Math.max(0, -apart());
  }

  /** Under its second end, m. */
  public double packingTo() {
    return Math.max(0, apart());
  }

  private Vector3D across() {
    return to.at().subtract(from.at()).add(out().scalarMultiply(apart()));
  }

  /** Between its screws, m. */
  public double span() {
    return across().getNorm();
  }

  /** From its end to its first screw, m. */
  public double endFrom() {
    return TO_END * from.thread().diameter();
  }

  /** From its last screw to its end, m. */
  public double endTo() {
    return TO_END * to.thread().diameter() + slot() / 2;
  }

  /** How much longer than round its last hole is: what both holes may be measured wrong by, m. */
  public double slot() {
    return Math.min(LONGEST_SLOT, from.plusMinus() + to.plusMinus());
  }

  /** As it is cut, m. */
  public double length() {
    return endFrom() + span() + endTo();
  }

  /** kg, its holes not taken off. */
  public double mass() {
    return length() * stock.massPerMetre();
  }

  /** Between a screw's head and the body: what the screw goes through of it, m. */
  public double depth() {
    return legsOut ? stock.thickness() : stock.leg();
  }

  /** On the body's face, packing under it, at a place along it from its first screw. */
  private Vector3D foot(double along) {
    return from.at()
        .add(out().scalarMultiply(packingFrom()))
        .add(across().normalize().scalarMultiply(along));
  }

  /** Its web where tabs lie on it, from end to end. */
  public List<Vector3D> middleLine() {
    Vector3D up = legsOut ? Vector3D.ZERO : out().scalarMultiply(stock.leg());
    return List.of(foot(-endFrom()).add(up), foot(span() + endTo()).add(up));
  }

  /** As the air meets it from the front; one that is not level is as long as it reaches. */
  public Rectangle face() {
    List<Vector3D> line = middleLine();
    Vector3D a = line.get(0);
    Vector3D b = line.get(1);
    double x = Math.min(a.getX(), b.getX());
    double y = Math.min(a.getY(), b.getY());
    double run = Math.abs(a.getX() - b.getX());
    double rise = Math.abs(a.getY() - b.getY());
    double half = stock.web() / 2;
    return run >= rise
        ? new Rectangle(x, y + rise / 2 - half, run, stock.web())
        : new Rectangle(x + run / 2 - half, y, stock.web(), rise);
  }

  /** Between the grille line and a pack that stands so far behind it. */
  public boolean before(double pack) {
    return from.looks().axis() == Axis.BACK && foot(0).getZ() < pack;
  }

  /** Of a core's face that it stands before or behind (-). */
  public double shades(Box core) {
    Rectangle face = new Rectangle(core.x(), core.y(), core.width(), core.height());
    return from.looks().axis() == Axis.BACK ? face().overlap(face) / face.area() : 0;
  }

  /** How far along it an ear is opposite, from its first screw, m. */
  public double along(Vector3D ear) {
    return ear.subtract(from.at()).dotProduct(across().normalize());
  }

  /** How far aside of its middle an ear is, square to it, m; to one side positive. */
  public double lever(Vector3D ear) {
    return ear.subtract(from.at()).dotProduct(aside());
  }

  /** A tab from an ear as it holds. */
  public Support.Tab tab(Vector3D ear, Support.Strip strip) {
    return new Support.Tab(along(ear), lever(ear), strip);
  }

  private Vector3D aside() {
    return out().crossProduct(across().normalize());
  }

  /**
   * The hole for a tab from an ear; empty where it is not between the screws.
   *
   * @param under thickness of another tab on the same screw that it lies on, 0 for none, m
   */
  public Optional<BodyHole> hole(Corner corner, Vector3D ear, double under) {
    if (misfit().isPresent()) {
      return Optional.empty();
    }
    double along = along(ear);
    if (along < TAB_TO_SCREW || along > span() - TAB_TO_SCREW) {
      return Optional.empty();
    }
    Direction looks = legsOut ? from.looks().opposite() : from.looks();
    Vector3D face =
        foot(along)
            .add(legsOut ? Vector3D.ZERO : out().scalarMultiply(stock.leg()))
            .add(looks.vector().scalarMultiply(under));
    return Optional.of(
        new BodyHole(
            Name.of(holeId(name.id(), corner), Name.Noun.CROSS_CHANNEL, name.number()),
            BodyHole.Sort.PLAIN,
            face,
            looks,
            TAB_SCREW,
            stock.thickness(),
            Optional.empty(),
            Math.max(from.plusMinus(), to.plusMinus())));
  }

  /** What the place of a corner's tab on a channel is called. */
  public static String holeId(String channel, Corner corner) {
    return channel + "-" + corner.dashed();
  }

  /** Its edges: along both of the web, and of both legs. */
  private List<Tube> edges() {
    double half = stock.thickness() / 2;
    List<Tube> edges = new ArrayList<>();
    for (double aside : new double[] {-0.5, 0, 0.5}) {
      for (double off : aside == 0 ? webs() : new double[] {half, stock.leg() - half}) {
        double inside = aside * (stock.web() - stock.thickness());
        Vector3D by = aside().scalarMultiply(inside).add(out().scalarMultiply(off));
        edges.add(
            new Tube(List.of(foot(-endFrom()).add(by), foot(span() + endTo()).add(by)), half));
      }
    }
    return edges;
  }

  private double[] webs() {
    double half = stock.thickness() / 2;
    return new double[] {legsOut ? half : stock.leg() - half};
  }

  /** What it runs into, but for what it is screwed to. */
  public Optional<Name> blocked(Hanging hanging) {
    return hanging.blocked(edges(), List.of(from, to));
  }
}
