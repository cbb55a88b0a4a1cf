package bemble.app.store;

import org.jspecify.annotations.Nullable;

/**
 * An answer on a page of a pile.
 *
 * @param number of the sum in its handout, from 0
 * @param given what was settled; null while it is still to be settled
 */
public record ScanAnswerRow(long pageId, int number, @Nullable String given) {}
