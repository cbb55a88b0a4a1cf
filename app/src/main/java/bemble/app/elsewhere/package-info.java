/** Checking over HTTP: a working done elsewhere line by line, and the bare result of a sum. */
@NullMarked
package bemble.app.elsewhere;

import org.jspecify.annotations.NullMarked;
