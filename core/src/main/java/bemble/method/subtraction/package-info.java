/** Ways of subtracting on paper. */
@NullMarked
package bemble.method.subtraction;

import org.jspecify.annotations.NullMarked;
