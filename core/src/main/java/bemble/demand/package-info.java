/** What makes a sum easy or hard, read off its working. */
@NullMarked
package bemble.demand;

import org.jspecify.annotations.NullMarked;
