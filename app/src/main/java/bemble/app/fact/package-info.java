/** Help with number facts over HTTP. */
@NullMarked
package bemble.app.fact;

import org.jspecify.annotations.NullMarked;
