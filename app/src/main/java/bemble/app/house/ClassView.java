package bemble.app.house;

import bemble.style.Style;
import java.util.List;

/**
 * A class with its conventions.
 *
 * @param version must come back with a change
 * @param unknown what another version has kept of its style and this one does not know
 */
public record ClassView(
    long id, String name, int version, boolean current, Style style, List<String> unknown) {}
