/** Looks at a working that was done elsewhere, from its lines alone. */
@NullMarked
package bemble.lines;

import org.jspecify.annotations.NullMarked;
