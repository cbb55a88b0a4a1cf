package bemble.app.house;

import bemble.style.Style;
import org.jspecify.annotations.Nullable;

/**
 * The class in which work goes on.
 *
 * @param id null where no class is current
 * @param style its conventions; the standard ones where no class is current
 */
public record ClassContext(@Nullable Long id, Style style) {}
