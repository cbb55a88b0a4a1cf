/** What the column methods share: places in columns, numbers in rows, rows added up. */
@NullMarked
package bemble.method.column;

import org.jspecify.annotations.NullMarked;
