package bemble.app.scan;

import org.jspecify.annotations.Nullable;

/**
 * A page of a pile.
 *
 * @param id given by the table; 0 before
 * @param number of the page in its file, from 1
 * @param problem why it cannot be used, by its name
 * @param pupilId whose it is, once that is known
 */
record ScanPageRow(
    long id,
    long scanId,
    String file,
    int number,
    @Nullable String problem,
    @Nullable Long sheetId,
    @Nullable Long pupilId) {}
