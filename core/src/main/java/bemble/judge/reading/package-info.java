/**
 * Reads a written page: where each figure stands, and where it would stand on a page that a given
 * hand writes. Knows nothing of slips.
 */
@NullMarked
package bemble.judge.reading;

import org.jspecify.annotations.NullMarked;
