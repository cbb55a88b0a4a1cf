package bemble.app.house;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** Whether the pages under a name are a pupil's. */
record ClaimRequest(
    @NotBlank(message = "{valid.names}") @Size(max = 60, message = "{valid.name-length}")
        String who,
    boolean theirs) {}
