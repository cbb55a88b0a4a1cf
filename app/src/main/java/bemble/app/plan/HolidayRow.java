package bemble.app.plan;

import java.time.LocalDate;

/** A day without lessons. */
record HolidayRow(LocalDate freeOn, String name) {}
