package bemble.app.slate;

import org.jspecify.annotations.Nullable;

/**
 * The judge's findings on a page that is handed in.
 *
 * @param slip the name of the first thing that went wrong; null where nothing did
 * @param slips how many things went wrong
 * @param slipId the id of the first slip; empty where none is known
 */
public record PageJudgement(@Nullable String slip, long slips, boolean allRight, String slipId) {}
