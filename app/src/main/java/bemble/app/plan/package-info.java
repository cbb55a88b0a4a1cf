/**
 * The plan of a class: lessons by days, what is proposed, what comes today, and the logbook of what
 * was done.
 */
@NullMarked
package bemble.app.plan;

import org.jspecify.annotations.NullMarked;
