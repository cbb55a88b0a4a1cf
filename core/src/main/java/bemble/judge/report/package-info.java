/** What the judge says: of each figure, of what went wrong and of what comes next. */
@NullMarked
package bemble.judge.report;

import org.jspecify.annotations.NullMarked;
