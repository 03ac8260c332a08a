package roadbreeze.server.photo;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.jspecify.annotations.Nullable;
import roadbreeze.core.photo.PhotoRuler;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Said;
import roadbreeze.server.message.Units;
import roadbreeze.server.nose.NosePhoto;
import roadbreeze.server.nose.NosePhoto.PhotoMark;
import roadbreeze.server.rig.TruckMapper;

/**
 * Places of a photograph in the truck.
 *
 * @param measured in the order asked; empty until all marks and both known places are clicked
 * @param toPlane carries px onto the card's plane, m, 3 × 3 row by row, to draw it at its true
 *     scale
 * @param slantDegrees between the camera's axis and square on
 * @param apartMm between both known places as the photograph has it
 * @param tapeMm the same as the tape has it
 */
record PhotoResult(
    List<PhotoPlace> measured,
    List<Double> toPlane,
    Double slantDegrees,
    Double distanceMm,
    Double apartMm,
    double tapeMm,
    List<Said> faults) {

  /** A place, and how well it is known in nine of ten. */
  record PhotoPlace(double acrossMm, double upMm, double plusMinusMm) {
    static PhotoPlace of(PhotoRuler.Place p) {
      return new PhotoPlace(p.across() * 1000, p.up() * 1000, p.plusMinus() * 1000);
    }
  }

  static PhotoResult of(JobContent job, String id, List<PhotoController.PhotoPoint> points) {
    Rectangle opening = TruckMapper.truck(job.rig(), job.nose()).front().opening();
    NosePhoto photo =
        job.nose().photos().stream().filter(p -> p.id().equals(id)).findFirst().orElse(null);
    PhotoRuler ruler = photo == null ? null : ruler(photo, opening);
    double tape = opening.width() * 1000;
    if (ruler == null) {
      return new PhotoResult(List.of(), List.of(), null, null, null, tape, List.of());
    }
    List<Said> faults = Said.of(ruler.faults());
    if (ruler.crossed()) {
      return new PhotoResult(List.of(), List.of(), null, null, null, tape, faults);
    }
    List<PhotoPlace> measured = new ArrayList<>();
    for (PhotoController.PhotoPoint p : points) {
      measured.add(PhotoPlace.of(ruler.at(new Vector2D(p.xPx(), p.yPx()), Units.mm(p.backMm()))));
    }
    return new PhotoResult(
        measured,
        toPlane(ruler),
        Math.toDegrees(ruler.slant()),
        ruler.distance() * 1000,
        ruler.seenApart() * 1000,
        tape,
        faults);
  }

  /** None where the photograph shows more than that plane. */
  private static List<Double> toPlane(PhotoRuler ruler) {
    try {
      return Arrays.stream(ruler.toPlane()).boxed().toList();
    } catch (BadInputException e) {
      return List.of();
    }
  }

  /** Null until everything is clicked. */
  private static @Nullable PhotoRuler ruler(NosePhoto photo, Rectangle opening) {
    if (photo.marks().size() < 4 || photo.left() == null || photo.right() == null) {
      return null;
    }
    return new PhotoRuler(
        photo.widthPx(),
        photo.heightPx(),
        photo.marks().stream().map(PhotoResult::px).toList(),
        Units.mm(photo.cardWidthMm()),
        Units.mm(photo.cardHeightMm()),
        Units.mm(photo.backMm()),
        px(photo.left()),
        px(photo.right()),
        new Vector2D(opening.x(), opening.y()),
        opening.width());
  }

  private static Vector2D px(PhotoMark m) {
    return new Vector2D(m.xPx(), m.yPx());
  }
}
