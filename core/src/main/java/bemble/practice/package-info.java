/**
 * Sums put together for practice: sets made of lines, their versions, what a set asks for, and what
 * known slips make of its sums. Nothing here is drawn or kept.
 */
@NullMarked
package bemble.practice;

import org.jspecify.annotations.NullMarked;
