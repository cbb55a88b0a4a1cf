/** The language of an answer, and the app's own sentences in it. */
@NullMarked
package bemble.app.words;

import org.jspecify.annotations.NullMarked;
