/** The doors: which requests are let in, from where, and how large they may be. */
@NullMarked
package bemble.app.guard;

import org.jspecify.annotations.NullMarked;
