package bemble.app.scan;

import org.jspecify.annotations.Nullable;

/**
 * An answer on a page of a pile.
 *
 * @param number of the sum in its handout, from 0
 * @param given the settled text; null while it is to be settled
 * @param state the reading of its ink: RIGHT, WRONG, BLANK or ASK
 * @param readAs as it is typed, as far as it could be read
 * @param doubt the reason for asking, by its name
 * @param across how many squares its cut-out shows
 * @param down the same downwards
 */
record ScanAnswerRow(
    long pageId,
    int number,
    @Nullable String given,
    String state,
    @Nullable String readAs,
    @Nullable String doubt,
    int across,
    int down) {}
