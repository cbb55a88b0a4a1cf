/** The difficulties of a sum, read off its working. */
@NullMarked
package bemble.demand;

import org.jspecify.annotations.NullMarked;
