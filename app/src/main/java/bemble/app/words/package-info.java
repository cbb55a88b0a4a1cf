/** The language in which somebody is answered, and what the app itself says in it. */
@NullMarked
package bemble.app.words;

import org.jspecify.annotations.NullMarked;
