/** The class's own mistake: a page that nobody wrote, to be gone through in front of all. */
@NullMarked
package bemble.app.mistake;

import org.jspecify.annotations.NullMarked;
