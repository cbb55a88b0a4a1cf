/**
 * Judges written pages, on the same procedures that work a sum. Knows nothing of screens or marks.
 */
@NullMarked
package bemble.judge;

import org.jspecify.annotations.NullMarked;
