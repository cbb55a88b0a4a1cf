/**
 * The plan of a class: lessons by days, what is proposed, what comes today, and the logbook of what
 * was done.
 */
package bemble.app.plan;
