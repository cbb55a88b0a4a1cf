/** Changes that come twice are done once, also across a restart. */
@NullMarked
package bemble.app.once;

import org.jspecify.annotations.NullMarked;
