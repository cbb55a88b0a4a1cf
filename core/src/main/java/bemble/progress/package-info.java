/**
 * The abilities of pupils, told from their work: a standing for each rung by written rules, when to
 * look again, proposals for a class, and lessons that fit into their minutes. Knows nothing of the
 * sources of evidence, nor of names.
 */
@NullMarked
package bemble.progress;

import org.jspecify.annotations.NullMarked;
