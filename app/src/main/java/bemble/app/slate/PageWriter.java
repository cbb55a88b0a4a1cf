package bemble.app.slate;

import org.jspecify.annotations.Nullable;

/**
 * Who writes a page.
 *
 * @param who the name that was typed or chosen; may be empty
 * @param pupil null where that is the name of no pupil
 */
public record PageWriter(String who, @Nullable Long pupil) {}
