/** Looks at a working that was done elsewhere, from its lines alone. */
package bemble.lines;
