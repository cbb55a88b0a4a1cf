/** Sums worked over HTTP: the core's workings with their words. */
@NullMarked
package bemble.app.working;

import org.jspecify.annotations.NullMarked;
