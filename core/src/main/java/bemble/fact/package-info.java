/** Number facts: the small calculations that a column working is made of. */
package bemble.fact;
