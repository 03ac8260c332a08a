package roadbreeze.server.bracket;

import jakarta.persistence.Embeddable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import roadbreeze.core.bracket.Joggle;
import roadbreeze.core.bracket.Strip;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.server.problem.Within;

/**
 * A strip with one joggle, optionally turned up at its right end.
 *
 * @param leftLegMm straight before the joggle
 * @param offsetMm of the joggle, 0 for none
 * @param rightLegMm straight after the joggle
 * @param tabMm turned up at the right end, 0 for none
 */
@Embeddable
public record MountingStrip(
    @NotBlank @Size(max = 80) String name,
    @Within(min = 1, max = 20) int quantity,
    @Within(min = 0.5, max = 12, unit = "mm") double thicknessMm,
    @Within(min = 5, max = 200, unit = "mm") double widthMm,
    @Within(min = 0, max = 50, unit = "mm") double insideRadiusMm,
    @Within(min = 5, max = 2000, unit = "mm") double leftLegMm,
    @Within(min = 0, max = 300, unit = "mm") double offsetMm,
    @Within(min = 5, max = 90, unit = "°") double offsetDegrees,
    @Within(min = 5, max = 2000, unit = "mm") double rightLegMm,
    @Within(min = 0, max = 500, unit = "mm") double tabMm,
    @Within(min = 5, max = 135, unit = "°") double tabDegrees) {

  /**
   * Laid flat, in mm.
   *
   * @param runMm length of the bent strip along its left leg, tab left out
   * @param straightMm between the joggle's bends
   */
  public record Flat(
      String name,
      int quantity,
      double flatMm,
      double runMm,
      double straightMm,
      double allowanceMm,
      List<Mark> marks) {}

  /** A bend line on the flat strip, from its left end. */
  public record Mark(double startMm, double centreMm, double endMm, double degrees) {}

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
        name,
        quantity,
        strip.flatLength() * 1000,
        run,
        straight,
        offsetMm > 0 ? stock.bendAllowance(angle) * 1000 : 0,
        strip.bends().stream()
            .map(
                b ->
                    new Mark(
                        b.start() * 1000,
                        b.centre() * 1000,
                        b.end() * 1000,
                        Math.toDegrees(b.angle())))
            .toList());
  }
}
