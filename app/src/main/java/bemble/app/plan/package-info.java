/** The plan of a class: lessons by days, proposals, today's page, and the logbook. */
@NullMarked
package bemble.app.plan;

import org.jspecify.annotations.NullMarked;
