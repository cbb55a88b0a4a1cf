/** What is kept, in SQL. Rows are this package's own: the core's types do not come here. */
package bemble.app.store;
