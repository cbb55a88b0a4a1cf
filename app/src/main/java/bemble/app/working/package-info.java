/** Sums worked over HTTP: the core's workings with their words. */
package bemble.app.working;
