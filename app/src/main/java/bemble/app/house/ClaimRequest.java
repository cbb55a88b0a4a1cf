package bemble.app.house;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** Which pupil the pages under a name belong to; null where they are somebody else's. */
record ClaimRequest(
    @NotBlank(message = "{valid.names}") @Size(max = 60, message = "{valid.name-length}")
        String who,
    @Nullable Long pupil) {}
