/** Squared paper and the marks on it. Knows squares and places, not pixels, fonts or methods. */
package bemble.paper;
