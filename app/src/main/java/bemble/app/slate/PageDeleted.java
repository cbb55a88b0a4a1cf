package bemble.app.slate;

/**
 * Says that a page was deleted, or brought back.
 *
 * @param attempt its number
 */
public record PageDeleted(long attempt) {}
