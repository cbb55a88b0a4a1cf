/** Help with number facts: how they can be got, with hops and dots. */
@NullMarked
package bemble.help;

import org.jspecify.annotations.NullMarked;
