/** Square roots on paper. */
@NullMarked
package bemble.method.root;

import org.jspecify.annotations.NullMarked;
