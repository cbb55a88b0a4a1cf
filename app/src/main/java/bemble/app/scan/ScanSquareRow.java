package bemble.app.scan;

import org.jspecify.annotations.Nullable;

/**
 * The figure in a square of a working on a page of a pile.
 *
 * @param number of the sum in its handout, from 0
 * @param figure left out where it could not be read
 */
record ScanSquareRow(long pageId, int number, int rowAt, int columnAt, @Nullable Integer figure) {}
