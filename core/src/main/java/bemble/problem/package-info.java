/** Sums: the questions, and how a typed line becomes one. Knows nothing of methods or paper. */
@NullMarked
package bemble.problem;

import org.jspecify.annotations.NullMarked;
