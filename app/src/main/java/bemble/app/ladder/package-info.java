/** Recipes of sums, and the rungs of a class. */
@NullMarked
package bemble.app.ladder;

import org.jspecify.annotations.NullMarked;
