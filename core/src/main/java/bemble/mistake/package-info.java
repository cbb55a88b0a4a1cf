/** A mistake that several share, made into something that a whole class can look at. */
@NullMarked
package bemble.mistake;

import org.jspecify.annotations.NullMarked;
