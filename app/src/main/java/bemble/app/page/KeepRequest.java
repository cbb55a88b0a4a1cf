package bemble.app.page;

import bemble.app.words.PlainName;
import bemble.app.working.SumRef;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** The request to keep a page: the sum, how to work it, and its name. */
public record KeepRequest(
    @NotNull(message = "{valid.sum}") SumRef sum,
    @NotBlank(message = "{valid.title}") @PlainName String title,
    @Size(max = 2000, message = "{valid.note-length}") @Nullable String note) {}
