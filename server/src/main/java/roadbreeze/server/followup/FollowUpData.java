package roadbreeze.server.followup;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * What is kept of something that is looked at again.
 *
 * @param kind id among those that ship; null where the yard has made it up
 * @param note what to look at, where no kind says so
 * @param since from when it is counted, until it is done for the first time
 * @param again it comes again each time that it is done
 */
record FollowUpData(
    @Nullable @Size(max = 40) String kind,
    @NotBlank @Size(max = 120) String title,
    @NotNull @Size(max = 600) String note,
    @NotNull LocalDate since,
    @NotNull @Valid DueEvery every,
    boolean again) {}
