package bemble.app.scan;

/**
 * A figure on a page of a pile that was taken for sure.
 *
 * @param number of the sum in its handout, from 0
 * @param atColumn where its square lies in the cut-out of the answer, from 0
 * @param atRow the same downwards
 */
record ScanFigureRow(long pageId, int number, int figure, int atColumn, int atRow) {}
