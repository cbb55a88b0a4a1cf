/** Remarks on steps, not yet in words. */
@NullMarked
package bemble.remark;

import org.jspecify.annotations.NullMarked;
