package bemble.app.marking;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A sum that a pupil worked, with the slip that the diagnosis found: an answer to a handout, or a
 * page that answers none.
 *
 * @param handoutId null for a page that answers no handout
 * @param number of the sum in the handout, from 0
 * @param given the answer as it was typed; empty for a page that answers no handout
 * @param judged whether the page was judged square by square
 * @param slip the slip that the page shows, or that a teacher has named; null where there is none
 * @param overruled whether a teacher has decided the outcome or the slip
 * @param said the slip that is said; null before the diagnosis has looked at it
 */
record RecentRow(
    long id,
    long pupilId,
    @Nullable Long handoutId,
    int number,
    LocalDate workedOn,
    String plain,
    String method,
    String rung,
    String given,
    boolean judged,
    @Nullable String slip,
    boolean overruled,
    @Nullable String said) {}
