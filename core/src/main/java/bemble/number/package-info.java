/** Numbers as they are written: figures and places. Knows nothing of sums or paper. */
package bemble.number;
