/** Runs over HTTP: sum after sum on the Slate, with a pass mark. */
package bemble.app.runs;
