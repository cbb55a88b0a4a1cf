/** Marking over HTTP: pupils, handouts, their answers, and what the answers tell. */
@NullMarked
package bemble.app.marking;

import org.jspecify.annotations.NullMarked;
