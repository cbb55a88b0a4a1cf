/** Numbers as they are written: figures and places. Knows nothing of sums or paper. */
@NullMarked
package bemble.number;

import org.jspecify.annotations.NullMarked;
