/**
 * The rungs of each operation, from easy to hard: each has a recipe for its sums, the methods that
 * it is worked by, and the rungs that a pupil needs before it.
 */
@NullMarked
package bemble.ladder;

import org.jspecify.annotations.NullMarked;
