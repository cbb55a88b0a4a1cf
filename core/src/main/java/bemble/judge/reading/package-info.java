/**
 * Reads a written page: where each figure stands, and where it would stand on a page that a given
 * hand writes. Knows nothing of slips.
 */
package bemble.judge.reading;
