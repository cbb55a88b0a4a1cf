/**
 * What pupils can do, told from what they have done: a standing for each rung by written rules,
 * when to look again, what a class may turn to next, and lessons that fit into their minutes. Knows
 * nothing of where evidence comes from, nor of names.
 */
@NullMarked
package bemble.progress;

import org.jspecify.annotations.NullMarked;
