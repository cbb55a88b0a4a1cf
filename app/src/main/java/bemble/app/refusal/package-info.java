/** Requests that are refused or fail, and the answers that tell so. */
@NullMarked
package bemble.app.refusal;

import org.jspecify.annotations.NullMarked;
