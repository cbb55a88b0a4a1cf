/**
 * Slips: named changes to a procedure. They serve the judge and write the pages of simulated
 * pupils; each changes single values or decisions, and the procedure of the method does the rest.
 */
@NullMarked
package bemble.slip;

import org.jspecify.annotations.NullMarked;
