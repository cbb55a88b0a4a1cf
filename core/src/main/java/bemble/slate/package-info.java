/**
 * The slate: a sheet with what is set out on it, the strokes that a writer makes, and the page that
 * they come to. Knows nothing of who writes or of how strokes are kept.
 */
@NullMarked
package bemble.slate;

import org.jspecify.annotations.NullMarked;
