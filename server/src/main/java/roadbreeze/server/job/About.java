package roadbreeze.server.job;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;

/** What the job is called and why the truck came: a section. */
public record About(
    @NotBlank @Size(max = 80) String name, @NotNull @Size(max = 2000) String complaint) {}
