/** What a page says in letters: the heads of columns, a remainder, the lines of a check. */
package bemble.notation;
