package bemble.app.house;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** Names of new pupils, one to a line. */
record NamesRequest(
    @NotBlank(message = "{valid.names}") @Size(max = 10_000, message = "{valid.names}")
        String names) {}
