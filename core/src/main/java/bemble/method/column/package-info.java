/** What the column methods share: places in columns, numbers in rows, rows added up. */
package bemble.method.column;
