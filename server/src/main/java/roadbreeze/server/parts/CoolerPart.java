package roadbreeze.server.parts;

import jakarta.annotation.Nullable;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.server.problem.Within;

/**
 * An oil cooler as it is: carried whole by a build, so that a job shows the same numbers wherever
 * it is opened.
 *
 * @param bypassOpensC oil temperature above which all oil goes through the core, null without
 *     bypass
 * @param opensKpa drop above which part of the oil goes past the core, null without such a valve
 * @param earsAcrossMm between its left and right holes, null where its sheet says nothing
 * @param earsUpMm between its lower and upper holes
 * @param earsBackMm from its front face to the middle of the ears
 * @param emptyKg without oil, null where its sheet says nothing
 * @param ratedKpa that it may be worked at, null where its sheet says nothing
 * @param portsLook the way that hoses leave it, null where its sheet says nothing
 * @param price in the yard's money
 */
public record CoolerPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotNull Family family,
    @Within(min = 80, max = 900, kind = Kind.SIZE) double widthMm,
    @Within(min = 60, max = 700, kind = Kind.SIZE) double heightMm,
    @Within(min = 12, max = 80, kind = Kind.SIZE) double depthMm,
    @Within(min = 5, max = 30, kind = Kind.FINS) double finsPerInch,
    @Within(min = 8.5, max = 20, kind = Kind.SIZE) double tubePitchMm,
    @Within(min = 1, max = 12, kind = Kind.COUNT) int passes,
    @Within(min = 5, max = 25, kind = Kind.SIZE) double portBoreMm,
    @NotBlank @Size(max = 40) String ports,
    @Within(min = 30, max = 100, kind = Kind.TEMPERATURE) Double bypassOpensC,
    @Within(min = 10, max = 500, kind = Kind.PRESSURE) Double opensKpa,
    @Within(min = 20, max = 1000, kind = Kind.SIZE) Double earsAcrossMm,
    @Within(min = 20, max = 800, kind = Kind.SIZE) Double earsUpMm,
    @Within(min = 0, max = 100, kind = Kind.SIZE) Double earsBackMm,
    @Within(min = 3, max = 20, kind = Kind.SIZE) Double earHoleMm,
    @Within(min = 0.1, max = 40, kind = Kind.MASS) Double emptyKg,
    @Within(min = 200, max = 10000, kind = Kind.PRESSURE) Double ratedKpa,
    @Nullable CoolerPorts.Look portsLook,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {

  /** How it is built. */
  public enum Family {
    TUBE_AND_FIN,
    PLATE_FIN,
    STACKED_PLATE
  }
}
