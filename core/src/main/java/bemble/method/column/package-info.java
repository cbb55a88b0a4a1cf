/** The common parts of the column methods: places in columns, numbers in rows, rows added up. */
@NullMarked
package bemble.method.column;

import org.jspecify.annotations.NullMarked;
