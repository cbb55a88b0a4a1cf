/** Second workings that prove the first. */
@NullMarked
package bemble.check;

import org.jspecify.annotations.NullMarked;
