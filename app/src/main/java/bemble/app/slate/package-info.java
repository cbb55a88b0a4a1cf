/** The slate over HTTP: attempts at a sum, what was written in them, and what the judge says. */
@NullMarked
package bemble.app.slate;

import org.jspecify.annotations.NullMarked;
