package bemble.judge.report;

/**
 * A figure with its verdict.
 *
 * @param written the figure
 * @param verdict what is to be said of it
 */
public record Judged(Written written, Verdict verdict) {}
