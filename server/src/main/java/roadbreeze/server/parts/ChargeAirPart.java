package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/** A charge-air cooler. */
public record ChargeAirPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @Within(min = 200, max = 1500, kind = Kind.SIZE) double widthMm,
    @Within(min = 100, max = 1000, kind = Kind.SIZE) double heightMm,
    @Within(min = 20, max = 150, kind = Kind.SIZE) double depthMm,
    @Within(min = 5, max = 30, kind = Kind.FINS) double finsPerInch,
    @Within(min = 30, max = 150, kind = Kind.SIZE) double portBoreMm,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
