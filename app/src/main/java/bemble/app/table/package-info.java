/** The parts that the tables of all features share: the bin, changes, columns of JSON. */
@NullMarked
package bemble.app.table;

import org.jspecify.annotations.NullMarked;
