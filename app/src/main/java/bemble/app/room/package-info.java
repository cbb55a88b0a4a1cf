/**
 * Pupils' own devices in one classroom: who is let in, what they write, what their teacher sees.
 */
@NullMarked
package bemble.app.room;

import org.jspecify.annotations.NullMarked;
