/** House style: the conventions of a class, as values. */
package bemble.style;
