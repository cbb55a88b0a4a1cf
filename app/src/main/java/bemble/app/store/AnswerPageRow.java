package bemble.app.store;

/** A page that stands behind an answer. */
public record AnswerPageRow(long pupilId, int number, long attemptId) {}
