/** Marking over HTTP: pupils, handouts, their answers, and what the answers tell. */
package bemble.app.marking;
