/** Number facts: the small calculations that a column working is made of. */
@NullMarked
package bemble.fact;

import org.jspecify.annotations.NullMarked;
