/** A mistake that several pupils share, made into a page for the whole class. */
@NullMarked
package bemble.mistake;

import org.jspecify.annotations.NullMarked;
