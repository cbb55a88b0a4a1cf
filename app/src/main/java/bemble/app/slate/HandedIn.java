package bemble.app.slate;

/**
 * Says that a page was handed in.
 *
 * @param attempt its number
 */
public record HandedIn(long attempt) {}
