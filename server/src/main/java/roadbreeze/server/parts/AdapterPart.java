package roadbreeze.server.parts;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * An adapter between a line and a port.
 *
 * @param loss velocity heads
 */
public record AdapterPart(
    @NotBlank @Size(max = 40) String code,
    @NotBlank @Size(max = 120) String name,
    @NotBlank @Size(max = 40) String from,
    @NotBlank @Size(max = 40) String to,
    @Within(min = 3, max = 30, kind = Kind.SIZE) double boreMm,
    @Within(min = 0, max = 20) double loss,
    @Within(min = 0, max = 100000, kind = Kind.MONEY) double price) {}
