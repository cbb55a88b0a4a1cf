package bemble.app.house;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** The pupil whose pages a name stands for; null where they belong to somebody else. */
record ClaimRequest(
    @NotBlank(message = "{valid.names}") @Size(max = 60, message = "{valid.name-length}")
        String who,
    @Nullable Long pupil) {}
