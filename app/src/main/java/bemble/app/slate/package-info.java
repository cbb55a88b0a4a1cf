/** The slate over HTTP: attempts at a sum, what was written in them, and what the judge says. */
package bemble.app.slate;
