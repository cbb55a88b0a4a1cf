package bemble.app.scan;

/**
 * A pile of filled sheets.
 *
 * @param expected how many pages its files have
 * @param lookedThrough the figures that a teacher has looked at side by side
 */
record ScanRow(long id, long handoutId, int expected, String lookedThrough) {}
