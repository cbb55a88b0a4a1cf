package bemble.app.scan;

/**
 * How much of a working on a page of a pile could not be read.
 *
 * @param number of the sum in its handout, from 0
 * @param unread its squares without a figure
 */
record UnreadRow(long pageId, int number, long unread) {}
