package roadbreeze.server.build;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.bracket.Joggle;
import roadbreeze.core.bracket.Strip;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;
import roadbreeze.server.row.Id;
import roadbreeze.server.row.Row;

/**
 * A strip with one joggle, optionally turned up at its right end.
 *
 * @param leftLegMm straight before the joggle
 * @param offsetMm of the joggle, 0 for none
 * @param rightLegMm straight after the joggle
 * @param tabMm turned up at the right end, 0 for none
 */
public record MountingStrip(
    @Id String id,
    @NotBlank @Size(max = 80) String name,
    @Within(min = 1, max = 20, kind = Kind.COUNT) int quantity,
    @Within(min = 0.5, max = 12, kind = Kind.SIZE) double thicknessMm,
    @Within(min = 5, max = 200, kind = Kind.SIZE) double widthMm,
    @Within(min = 0, max = 50, kind = Kind.SIZE) double insideRadiusMm,
    @Within(min = 5, max = 2000, kind = Kind.SIZE) double leftLegMm,
    @Within(min = 0, max = 300, kind = Kind.SIZE) double offsetMm,
    @Within(min = 5, max = 90, kind = Kind.ANGLE) double offsetDegrees,
    @Within(min = 5, max = 2000, kind = Kind.SIZE) double rightLegMm,
    @Within(min = 0, max = 500, kind = Kind.SIZE) double tabMm,
    @Within(min = 5, max = 135, kind = Kind.ANGLE) double tabDegrees)
    implements Row {

  /**
   * Laid flat, in mm.
   *
   * @param runMm length of the bent strip along its left leg, tab left out
   * @param straightMm between the joggle's bends
   */
  public record Flat(
      String id,
      String name,
      int quantity,
      double flatMm,
      double runMm,
      double straightMm,
      double allowanceMm,
      List<BendMark> marks) {}

  /** A bend line on the flat strip, from its left end. */
  public record BendMark(double startMm, double centreMm, double endMm, double degrees) {}

  /**
   * @throws roadbreeze.core.problem.BadInputException if the joggle cannot be bent
   */
  public Flat flat() {
    StripStock stock =
        new StripStock(
            thicknessMm / 1000, insideRadiusMm / 1000, StripStock.DEFAULT_NEUTRAL_FACTOR);
    double angle = Math.toRadians(offsetDegrees);
    double tabAngle = Math.toRadians(tabDegrees);
    List<Double> legs = new ArrayList<>(List.of(leftLegMm / 1000));
    List<Double> angles = new ArrayList<>();
    double straight = 0;
    double run = leftLegMm + rightLegMm;
    if (offsetMm > 0) {
      Joggle joggle = Joggle.of(stock, offsetMm / 1000, angle);
      straight = joggle.straight() * 1000;
      run += joggle.run() * 1000;
      angles.addAll(List.of(angle, -angle));
      legs.addAll(List.of(joggle.straight(), rightLegMm / 1000));
    } else {
      legs.set(0, run / 1000);
    }
    if (tabMm > 0) {
      angles.add(tabAngle);
      legs.add(tabMm / 1000);
    }
    Strip strip = Strip.of(stock, legs, angles);
    return new Flat(
        id,
        name,
        quantity,
        strip.flatLength() * 1000,
        run,
        straight,
        offsetMm > 0 ? stock.bendAllowance(angle) * 1000 : 0,
        strip.bends().stream()
            .map(
                b ->
                    new BendMark(
                        b.start() * 1000,
                        b.centre() * 1000,
                        b.end() * 1000,
                        Math.toDegrees(b.angle())))
            .toList());
  }
}
