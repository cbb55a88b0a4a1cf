package bemble.app.store;

import java.time.LocalDate;

/** A day without lessons. */
public record HolidayRow(LocalDate freeOn, String name) {}
