package bemble.app.store;

import java.time.LocalDate;

/**
 * A sum of a rung that a pupil has worked.
 *
 * @param slip the id of the slip; empty where none is known
 */
public record EvidenceRow(
    long pupilId, String rung, LocalDate workedOn, boolean allRight, boolean helped, String slip) {}
