/** Checking over HTTP: a working done elsewhere line by line, and the bare result of a sum. */
package bemble.app.elsewhere;
