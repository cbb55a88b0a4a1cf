/** Squared paper and the marks on it. Knows squares and places, not pixels, fonts or methods. */
@NullMarked
package bemble.paper;

import org.jspecify.annotations.NullMarked;
