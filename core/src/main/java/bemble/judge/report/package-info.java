/** What the judge says: of each figure, of what went wrong and of what comes next. */
package bemble.judge.report;
