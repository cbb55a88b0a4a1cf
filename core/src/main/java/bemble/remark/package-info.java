/** What there is to say of a step, not yet in words. */
@NullMarked
package bemble.remark;

import org.jspecify.annotations.NullMarked;
