/** Looks for the hand that would have written a page. */
@NullMarked
package bemble.judge.search;

import org.jspecify.annotations.NullMarked;
