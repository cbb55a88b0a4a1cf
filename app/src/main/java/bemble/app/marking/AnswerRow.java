package bemble.app.marking;

import org.jspecify.annotations.Nullable;

/**
 * An answer as it lies in the table.
 *
 * @param number the number of the sum, from 0
 * @param given as it was typed; empty for a blank, - for a sum that was not asked
 * @param slip the id of the slip; null where none is known
 * @param overruled whether a teacher has decided the outcome or the slip
 */
public record AnswerRow(
    long pupilId,
    int number,
    String given,
    String outcome,
    @Nullable String slip,
    boolean overruled) {}
