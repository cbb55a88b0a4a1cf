package bemble.app.page;

import bemble.app.words.PlainName;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** The new name of a kept page. */
public record RenameRequest(
    @NotBlank(message = "{valid.title}") @PlainName String title,
    @Size(max = 2000, message = "{valid.note-length}") @Nullable String note) {}
