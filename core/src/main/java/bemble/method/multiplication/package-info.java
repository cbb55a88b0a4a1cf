/** Ways of multiplying on paper. */
@NullMarked
package bemble.method.multiplication;

import org.jspecify.annotations.NullMarked;
