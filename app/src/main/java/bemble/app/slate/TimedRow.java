package bemble.app.slate;

/**
 * A sum that was worked and how long that took.
 *
 * @param millis milliseconds from its beginning to its last stroke
 */
public record TimedRow(String plain, String method, long millis) {}
