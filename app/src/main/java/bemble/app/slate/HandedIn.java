package bemble.app.slate;

/**
 * Says that a page is handed in, within the transaction that keeps it.
 *
 * @param attempt its number
 */
public record HandedIn(long attempt) {}
