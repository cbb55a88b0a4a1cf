/**
 * Procedures and the hands that carry them out. A procedure is unfolded move by move along the
 * values that the hand writes; every entry names its slot, its rule and the entries that it read.
 */
@NullMarked
package bemble.procedure;

import org.jspecify.annotations.NullMarked;
