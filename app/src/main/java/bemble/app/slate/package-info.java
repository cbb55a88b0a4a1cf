/** The slate over HTTP: attempts at a sum, their strokes, and the judge's reports. */
@NullMarked
package bemble.app.slate;

import org.jspecify.annotations.NullMarked;
