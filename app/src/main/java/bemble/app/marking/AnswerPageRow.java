package bemble.app.marking;

/** A page that stands behind an answer. */
record AnswerPageRow(long pupilId, int number, long attemptId) {}
