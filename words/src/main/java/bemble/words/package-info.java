/**
 * Remarks, facts and sums in the words of a class. Every sentence stands in a catalogue of a
 * language, in the ICU message format; none stands in the code.
 */
@NullMarked
package bemble.words;

import org.jspecify.annotations.NullMarked;
