/** Methods that draw numbers as things to be counted. */
@NullMarked
package bemble.method.drawing;

import org.jspecify.annotations.NullMarked;
