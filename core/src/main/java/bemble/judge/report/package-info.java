/** The judge's report: on each figure, on each thing that went wrong, and on the next step. */
@NullMarked
package bemble.judge.report;

import org.jspecify.annotations.NullMarked;
