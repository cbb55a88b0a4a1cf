/** House style: the conventions of a class, as values. */
@NullMarked
package bemble.style;

import org.jspecify.annotations.NullMarked;
