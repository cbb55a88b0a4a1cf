/** Answers alone: which are right, which slips explain the others, which sums to ask next. */
@NullMarked
package bemble.diagnosis;

import org.jspecify.annotations.NullMarked;
