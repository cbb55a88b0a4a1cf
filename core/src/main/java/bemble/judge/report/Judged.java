package bemble.judge.report;

/**
 * A figure with its verdict.
 *
 * @param written the figure
 * @param verdict the judge's verdict on it
 */
public record Judged(Written written, Verdict verdict) {}
