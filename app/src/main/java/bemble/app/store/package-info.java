/**
 * Everything that is kept, in SQL. Rows are this package's own: the core's types do not come here.
 */
@NullMarked
package bemble.app.store;

import org.jspecify.annotations.NullMarked;
