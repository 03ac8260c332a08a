package roadbreeze.server.rig;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import roadbreeze.server.problem.Within;

/**
 * A fan where it stands.
 *
 * @param leftMm of its shroud, or of the square round its blades without one
 * @param speedPercent share of its proper speed that it reaches
 */
@Embeddable
public record FittedFan(
    @NotNull @Valid @Embedded FanPart part,
    @NotNull @Enumerated(EnumType.STRING) Mount mount,
    boolean shrouded,
    @Within(min = -1000, max = 2000, unit = "mm") double leftMm,
    @Within(min = -1000, max = 2000, unit = "mm") double bottomMm,
    @Within(min = 50, max = 2000, unit = "mm") double widthMm,
    @Within(min = 50, max = 1500, unit = "mm") double heightMm,
    @Within(min = 0, max = 100, unit = "%") double speedPercent) {

  /** On which side of the pack it stands. */
  public enum Mount {
    PULLER,
    PUSHER
  }

  /** A puller on a shroud over the whole of a core. */
  public static FittedFan over(CoreSize core, FanPart part) {
    return new FittedFan(
        part,
        Mount.PULLER,
        true,
        core.leftMm(),
        core.bottomMm(),
        core.widthMm(),
        core.heightMm(),
        100);
  }

  public FittedFan withPart(FanPart newPart) {
    return new FittedFan(
        newPart, mount, shrouded, leftMm, bottomMm, widthMm, heightMm, speedPercent);
  }

  public FittedFan withMount(Mount newMount) {
    return new FittedFan(
        part, newMount, shrouded, leftMm, bottomMm, widthMm, heightMm, speedPercent);
  }

  public FittedFan at(double left, double bottom, double width, double height) {
    return new FittedFan(part, mount, shrouded, left, bottom, width, height, speedPercent);
  }

  public FittedFan withSpeed(double percent) {
    return new FittedFan(part, mount, shrouded, leftMm, bottomMm, widthMm, heightMm, percent);
  }
}
