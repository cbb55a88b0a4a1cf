package bemble.app.page;

import bemble.app.working.SumRef;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** A page to be kept: the sum, how to work it, and what to call it. */
public record KeepRequest(
    @NotNull(message = "Say which sum is to be kept.") SumRef sum,
    @NotBlank(message = "Give the page a title, so that you find it again.")
        @Size(max = 120, message = "A title has at most 120 letters.")
        String title,
    @Size(max = 2000, message = "A note has at most 2,000 letters.") @Nullable String note) {}
