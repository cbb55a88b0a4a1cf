package bemble.app.plan;

/**
 * The lessons of a weekday.
 *
 * @param weekday Monday being 1
 * @param minutes how many minutes there are
 * @param begins when they begin, as 09:15; empty where that is not said
 */
record WeekdayRow(int weekday, int minutes, String begins) {}
