/**
 * Pupils' own devices in one classroom: who is let in, what pupils write, and what their teacher
 * sees.
 */
@NullMarked
package bemble.app.room;

import org.jspecify.annotations.NullMarked;
