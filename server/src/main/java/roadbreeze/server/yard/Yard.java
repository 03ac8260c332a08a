package roadbreeze.server.yard;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import roadbreeze.core.explain.Kind;
import roadbreeze.server.problem.Within;

/**
 * The yard's settings.
 *
 * @param name as it stands on the sheets
 * @param currency ISO 4217 code of the money that all prices are in; a change converts nothing
 * @param faultWeights how often the yard meets each fault; null leaves that to what ships
 * @param hourlyRate of labour, before tax
 * @param taxPercent on all of it
 * @param consumablesPercent of the parts' price: clips, ties, cleaner, rags
 * @param version as it was read
 */
public record Yard(
    @NotBlank @Size(max = 60) String name,
    @NotNull @Pattern(regexp = "[A-Z]{3}") String currency,
    @Nullable @Valid FaultWeights faultWeights,
    @Within(min = 0, max = 10_000, kind = Kind.MONEY) double hourlyRate,
    @Within(min = 0, max = 60, kind = Kind.PERCENT) double taxPercent,
    @Within(min = 0, max = 60, kind = Kind.PERCENT) double consumablesPercent,
    long version) {}
