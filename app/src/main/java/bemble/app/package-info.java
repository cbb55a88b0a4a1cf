/** How Bemble is started: from a shell, from a menu, and what it does before anybody asks. */
@NullMarked
package bemble.app;

import org.jspecify.annotations.NullMarked;
