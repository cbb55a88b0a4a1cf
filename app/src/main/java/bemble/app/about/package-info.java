/** Bemble as a program on a teacher's machine: its version, its guide, and the one that runs. */
@NullMarked
package bemble.app.about;

import org.jspecify.annotations.NullMarked;
