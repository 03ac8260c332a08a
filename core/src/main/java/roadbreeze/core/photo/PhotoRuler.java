package roadbreeze.core.photo;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.problem.Problem;

/**
 * A photograph with the card's marks and two known places clicked.
 *
 * @param width of the photograph, px
 * @param height likewise
 * @param marks upper left, upper right, lower right, lower left, px
 * @param cardWidth between the marks, m
 * @param cardHeight likewise
 * @param plane of the card behind the grille line, m
 * @param left a place known in the truck's frame, px
 * @param right another, to the right of it at the same height, px
 * @param leftAt the first in the truck's frame, m
 * @param apart both from each other as measured otherwise, m
 */
public record PhotoRuler(
    double width,
    double height,
    List<Vector2D> marks,
    double cardWidth,
    double cardHeight,
    double plane,
    Vector2D left,
    Vector2D right,
    Vector2D leftAt,
    double apart) {
  /** A click is so near to what it means, one standard deviation, px; own default. */
  public static final double CLICK = 1.5;

  /** A lens bends what is at the photograph's edge by this share of its way there; own default. */
  private static final double LENS = 0.004;

  /** A printer keeps its scale so well; own default. */
  private static final double PRINTER = 0.003;

  /** A card is held in its plane so well, m; own default. */
  private static final double HELD = 0.003;

  /** The larger of a place's two errors stays under so many standard deviations in nine of ten. */
  private static final double NINE_IN_TEN = 2.15;

  /** Marks nearer together than this share of the photograph say little. */
  private static final double SMALL_CARD = 0.12;

  private static final double STEEP = Math.toRadians(40);

  /** Photograph and tape differ by more than this: one of them is wrong. */
  private static final double OTHER_SCALE = 0.02;

  /** Corners nearer to each other than this give no direction, px. */
  private static final double TOGETHER = 20;

  /** What spoils it. */
  public enum Fault implements Code {
    MARKS_CROSSED,
    CARD_SMALL("share PERCENT"),
    TOO_STEEP("slant ANGLE"),
    SCALE_DIFFERS("photo SIZE", "tape SIZE");

    private final List<Parameter> parameters;

    Fault(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /**
   * A place of the truck.
   *
   * @param plusMinus across and up, in nine of ten, m
   */
  public record Place(double across, double up, double plusMinus) {}

  public PhotoRuler {
    marks = List.copyOf(marks);
  }

  /** Four marks in their order round the card make a face without crossing sides. */
  public boolean crossed() {
    for (int i = 0; i < 4; i++) {
      Vector2D a = marks.get((i + 1) % 4).subtract(marks.get(i));
      Vector2D b = marks.get((i + 2) % 4).subtract(marks.get((i + 1) % 4));
      // Downward is positive in a photograph: round by the right.
      if (a.getX() * b.getY() - a.getY() * b.getX() <= 0) {
        return true;
      }
    }
    return false;
  }

  /** Everything that spoils it. */
  public List<Finding> faults() {
    if (crossed()) {
      return List.of(Fault.MARKS_CROSSED.with());
    }
    List<Finding> found = new ArrayList<>();
    double side =
        Math.max(marks.get(0).distance(marks.get(1)), marks.get(1).distance(marks.get(2)));
    double share = side / Math.max(width, height);
    if (share < SMALL_CARD) {
      found.add(Fault.CARD_SMALL.with(share));
    }
    if (slant() > STEEP) {
      found.add(Fault.TOO_STEEP.with(slant()));
    }
    if (Math.abs(seenApart() / apart - 1) > OTHER_SCALE) {
      found.add(Fault.SCALE_DIFFERS.with(seenApart(), apart));
    }
    return found;
  }

  /** Between the camera's axis and square on, rad. */
  public double slant() {
    return setting(1).camera.slant();
  }

  /** From the camera to the card, m. */
  public double distance() {
    return setting(1).camera.at().getNorm();
  }

  /** Between the two known places as the photograph has it, m. */
  public double seenApart() {
    Setting s = setting(1);
    return s.camera.seen(left, 0).distance(s.camera.seen(right, 0));
  }

  /**
   * What carries places of the photograph onto the card's plane in the truck's frame.
   *
   * @return 3 × 3, row by row; px to m
   */
  public double[] toPlane() {
    List<Vector2D> corners =
        List.of(
            new Vector2D(0, 0),
            new Vector2D(width, 0),
            new Vector2D(width, height),
            new Vector2D(0, height));
    Setting s = setting(1);
    List<Vector2D> there = corners.stream().map(c -> s.place(c, plane)).toList();
    Homography h = Homography.of(corners, there);
    double[] rows = new double[9];
    for (int i = 0; i < 9; i++) {
      rows[i] = h.matrix().getEntry(i / 3, i % 3);
    }
    return rows;
  }

  /**
   * A place of the photograph in the truck.
   *
   * @param back behind the grille line, m
   * @throws roadbreeze.core.problem.BadInputException if the marks cross, both corners are one, or
   *     no line of sight meets that depth there
   */
  public Place at(Vector2D px, double back) {
    Vector2D place = setting(1).place(px, back);
    double square = 0;
    for (int i = 0; i < 4; i++) {
      for (Vector2D step : STEPS) {
        List<Vector2D> moved = new ArrayList<>(marks);
        moved.set(i, marks.get(i).add(step));
        square += off(with(moved, left, right).setting(1).place(px, back), place);
      }
    }
    for (Vector2D step : STEPS) {
      square += off(with(marks, left.add(step), right).setting(1).place(px, back), place);
      square += off(with(marks, left, right.add(step)).setting(1).place(px, back), place);
      square += off(setting(1).place(px.add(step), back), place);
    }
    square += off(setting(Math.exp(Camera.FOCAL_SPREAD)).place(px, back), place);
    double fromLeft = place.distance(leftAt);
    square += Math.pow(PRINTER * fromLeft, 2);
    square += Math.pow(LENS * fromLeft, 2);
    square += off(setting(1).place(px, back + HELD), place);
    return new Place(place.getX(), place.getY(), NINE_IN_TEN * Math.sqrt(square / 2));
  }

  private static final List<Vector2D> STEPS =
      List.of(new Vector2D(CLICK, 0), new Vector2D(0, CLICK));

  private static double off(Vector2D a, Vector2D b) {
    return a.distanceSq(b);
  }

  private PhotoRuler with(List<Vector2D> otherMarks, Vector2D otherLeft, Vector2D otherRight) {
    return new PhotoRuler(
        width,
        height,
        otherMarks,
        cardWidth,
        cardHeight,
        plane,
        otherLeft,
        otherRight,
        leftAt,
        apart);
  }

  /**
   * Camera and card in the truck. What was measured by tape between the known places sets the
   * scale: they lie farther apart than the marks.
   *
   * @param cosine of the card's turn, over how much too long the card has them apart
   */
  private record Setting(
      Camera camera, Vector2D origin, double cosine, double sine, Vector2D leftAt, double plane) {
    Vector2D place(Vector2D px, double back) {
      Vector2D on = camera.seen(px, plane - back).subtract(origin);
      return leftAt.add(
          new Vector2D(
              cosine * on.getX() + sine * on.getY(), cosine * on.getY() - sine * on.getX()));
    }
  }

  private Setting setting(double focalFactor) {
    if (crossed()) {
      throw Problem.CARD_CROSSED.refuse();
    }
    if (left.distance(right) < TOGETHER) {
      throw Problem.CORNERS_TOGETHER.refuse();
    }
    double w = cardWidth / 2;
    double h = cardHeight / 2;
    List<Vector2D> card =
        List.of(new Vector2D(-w, h), new Vector2D(w, h), new Vector2D(w, -h), new Vector2D(-w, -h));
    Camera camera = Camera.of(Homography.of(card, marks), width, height, focalFactor);
    Vector2D from = camera.seen(left, 0);
    Vector2D way = camera.seen(right, 0).subtract(from);
    double scale = apart / way.getNormSq();
    return new Setting(camera, from, way.getX() * scale, way.getY() * scale, leftAt, plane);
  }
}
