/** The methods that schools teach, each described once as a procedure. */
@NullMarked
package bemble.method;

import org.jspecify.annotations.NullMarked;
