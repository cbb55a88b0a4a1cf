package bemble.app.store;

/** How many minutes there are on a weekday, Monday being 1. */
public record WeekdayRow(int weekday, int minutes) {}
