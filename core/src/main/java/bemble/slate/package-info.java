/**
 * The slate: a sheet with its set-out sum, the strokes that a writer makes, and the page that they
 * come to. Knows nothing of the writer or of how strokes are kept.
 */
@NullMarked
package bemble.slate;

import org.jspecify.annotations.NullMarked;
