package bemble.app.slate;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** Strokes that follow those on a page. */
public record StrokesRequest(
    @NotNull(message = "{valid.strokes}") @Size(max = 500, message = "{valid.strokes-at-once}")
        List<@Valid @NotNull(message = "{valid.strokes}") StrokeView> strokes) {}
