/** Runs over HTTP: sum after sum on the Slate, with a pass mark. */
@NullMarked
package bemble.app.runs;

import org.jspecify.annotations.NullMarked;
