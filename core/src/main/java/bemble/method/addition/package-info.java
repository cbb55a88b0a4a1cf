/** Ways of adding on paper. */
@NullMarked
package bemble.method.addition;

import org.jspecify.annotations.NullMarked;
