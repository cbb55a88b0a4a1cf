/** The shape of the JSON and its description. */
@NullMarked
package bemble.app.json;

import org.jspecify.annotations.NullMarked;
