/** Sums made to order, and the sets that are put together from them. */
@NullMarked
package bemble.app.sets;

import org.jspecify.annotations.NullMarked;
