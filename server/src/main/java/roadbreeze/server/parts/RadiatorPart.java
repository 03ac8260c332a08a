package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.exchanger.FinMetal;
import roadbreeze.core.exchanger.RadiatorTubes;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.radiator.Shell;
import roadbreeze.server.problem.Within;

/**
 * A radiator that may replace the truck's own. Its rows follow from its depth, one per 20 mm.
 *
 * @param tubes inside of them, null takes what is usual for its metal
 * @param inTankWattsPerKelvin conductance of the oil cooler in its tank, null without one
 * @param overWidthMm this and what follows as in {@link RadiatorShell}
 * @param price in the yard's money
 */
public record RadiatorPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 200, max = 1500, kind = Kind.SIZE) double widthMm,
    @Within(min = 150, max = 1200, kind = Kind.SIZE) double heightMm,
    @Within(min = 12, max = 150, kind = Kind.SIZE) double depthMm,
    @Within(min = 5, max = 30, kind = Kind.FINS) double finsPerInch,
    @NotNull FinMetal metal,
    @Nullable RadiatorTubes.Surface tubes,
    @NotNull Tanks tanks,
    @Within(min = 20, max = 1000, kind = Kind.CONDUCTANCE) Double inTankWattsPerKelvin,
    @Nullable @Within(min = 200, max = 2000, kind = Kind.SIZE) Double overWidthMm,
    @Nullable @Within(min = 150, max = 1500, kind = Kind.SIZE) Double overHeightMm,
    @Nullable @Within(min = 50, max = 2000, kind = Kind.SIZE) Double pinsApartMm,
    @Nullable @Within(min = 4, max = 60, kind = Kind.SIZE) Double pinMm,
    @Nullable @Within(min = 50, max = 2000, kind = Kind.SIZE) Double topsApartMm,
    @Nullable @Within(min = 0, max = 1500, kind = Kind.SIZE) Double topsUpMm,
    @Nullable @Within(min = -100, max = 300, kind = Kind.SIZE) Double topsBackMm,
    @Nullable ScrewThread insert,
    @Nullable @Within(min = 3, max = 60, kind = Kind.SIZE) Double insertDepthMm,
    @Nullable @Within(min = -1000, max = 1000, kind = Kind.SIZE) Double upperAcrossMm,
    @Nullable @Within(min = -300, max = 1500, kind = Kind.SIZE) Double upperUpMm,
    @Nullable @Within(min = -300, max = 300, kind = Kind.SIZE) Double upperBackMm,
    @Nullable @Within(min = 10, max = 80, kind = Kind.SIZE) Double upperNeckMm,
    @Nullable Direction upperLooks,
    @Nullable @Within(min = -1000, max = 1000, kind = Kind.SIZE) Double lowerAcrossMm,
    @Nullable @Within(min = -300, max = 1500, kind = Kind.SIZE) Double lowerUpMm,
    @Nullable @Within(min = -300, max = 300, kind = Kind.SIZE) Double lowerBackMm,
    @Nullable @Within(min = 10, max = 80, kind = Kind.SIZE) Double lowerNeckMm,
    @Nullable Direction lowerLooks,
    @Nullable @Within(min = 0, max = 1500, kind = Kind.SIZE) Double capUpMm,
    @Nullable Shell.Drain drain,
    @Nullable @Size(max = 40) String oilPorts,
    @Nullable @Within(min = 50, max = 2000, kind = Kind.SIZE) Double fanApartMm,
    @Nullable @Within(min = 50, max = 1500, kind = Kind.SIZE) Double fanUpMm,
    @Nullable @Size(max = 40) String connector,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** What its end tanks are made of. */
  public enum Tanks {
    PLASTIC,
    METAL
  }

  /** What it has beside its core. */
  public RadiatorShell shell() {
    return new RadiatorShell(
        overWidthMm,
        overHeightMm,
        pinsApartMm,
        pinMm,
        topsApartMm,
        topsUpMm,
        topsBackMm,
        insert,
        insertDepthMm,
        upperAcrossMm,
        upperUpMm,
        upperBackMm,
        upperNeckMm,
        upperLooks,
        lowerAcrossMm,
        lowerUpMm,
        lowerBackMm,
        lowerNeckMm,
        lowerLooks,
        capUpMm,
        drain,
        oilPorts,
        fanApartMm,
        fanUpMm,
        connector);
  }
}
