package bemble.app.register;

import java.time.LocalDate;

/**
 * Sums of a rung that a pupil has worked on one day in the same way.
 *
 * @param slip the id of the slip; empty where none is known
 * @param sums how many, at least one
 */
record EvidenceRow(
    long pupilId,
    String rung,
    LocalDate workedOn,
    boolean allRight,
    boolean helped,
    String slip,
    int sums) {}
