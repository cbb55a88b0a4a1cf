/** Ways of dividing on paper. */
@NullMarked
package bemble.method.division;

import org.jspecify.annotations.NullMarked;
