package bemble.app.house;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** How a pupil is to be kept. */
record PupilChange(
    @NotBlank(message = "{valid.names}") @Size(max = 60, message = "{valid.name-length}")
        String name,
    boolean left) {}
