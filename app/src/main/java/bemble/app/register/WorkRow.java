package bemble.app.register;

import java.time.LocalDate;

/**
 * The work of a pupil in one sitting.
 *
 * @param source HANDOUT, RUN or ATTEMPT
 * @param sourceId its number among those
 */
record WorkRow(
    String source, long sourceId, String title, LocalDate workedOn, int sums, int rights) {}
