package bemble.app.slate;

import org.jspecify.annotations.Nullable;

/**
 * The judge's findings on a page that is handed in.
 *
 * @param finding the name of the first thing that went wrong; null where nothing did
 * @param findings how many things went wrong
 * @param slip the id of the first slip; empty where none is known
 */
public record PageJudgement(
    @Nullable String finding, long findings, boolean allRight, String slip) {}
