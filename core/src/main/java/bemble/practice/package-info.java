/**
 * Sums put together for practice: sets made of lines, their versions and workloads, and the answers
 * that known slips give. Nothing here is drawn or kept.
 */
@NullMarked
package bemble.practice;

import org.jspecify.annotations.NullMarked;
