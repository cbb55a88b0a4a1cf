package bemble.app.store;

import java.time.LocalDate;

/** A handout about to be given. */
public record NewHandout(
    long classId,
    Long setId,
    String setVersion,
    String title,
    String kind,
    LocalDate givenOn,
    LocalDate dueOn,
    Integer passMark) {}
