package roadbreeze.server.yard;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * The yard's settings.
 *
 * @param name as it stands on the sheets
 * @param currency ISO 4217 code of the money that all prices are in; a change converts nothing
 * @param faultWeights how often the yard meets each fault; null leaves that to what ships
 * @param version as it was read
 */
public record Yard(
    @NotBlank @Size(max = 60) String name,
    @NotNull @Pattern(regexp = "[A-Z]{3}") String currency,
    @Nullable @Valid FaultWeights faultWeights,
    long version) {}
