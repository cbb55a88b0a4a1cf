package bemble.app.file;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The contents of a backup, before it is brought back.
 *
 * @param madeAt missing for a backup of an earlier Bemble
 * @param backup the things in it
 * @param now the things that it would replace
 * @param returning the names of pupils in it who were deleted here since
 */
record LookView(@Nullable LocalDateTime madeAt, Held backup, Held now, List<String> returning) {

  /** The numbers of things; {@code pages} are kept pages and those of the Slate. */
  record Held(long classes, long pupils, long answers, long pages, long lessons) {}
}
