/**
 * Reads figures from the ink in a square. Expectations never enter here: a reading is made of ink
 * alone, and an expectation can only withhold it.
 */
@NullMarked
package bemble.ink;

import org.jspecify.annotations.NullMarked;
