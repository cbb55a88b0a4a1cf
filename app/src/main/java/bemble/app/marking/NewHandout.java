package bemble.app.marking;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A handout about to be given. */
public record NewHandout(
    long classId,
    @Nullable Long setId,
    String setVersion,
    String title,
    String kind,
    LocalDate givenOn,
    @Nullable LocalDate dueOn,
    @Nullable Integer passMark) {}
