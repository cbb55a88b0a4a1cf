/** The texts on a page: the heads of columns, a remainder, the lines of a check. */
@NullMarked
package bemble.notation;

import org.jspecify.annotations.NullMarked;
