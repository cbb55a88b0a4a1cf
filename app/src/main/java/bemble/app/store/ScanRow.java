package bemble.app.store;

/**
 * A pile of filled sheets.
 *
 * @param expected how many pages its files have
 */
public record ScanRow(long id, long handoutId, int expected) {}
