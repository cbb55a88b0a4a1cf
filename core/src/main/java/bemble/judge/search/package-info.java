/** Looks for the hand that would have written a page. */
package bemble.judge.search;
