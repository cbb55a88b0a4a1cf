package bemble.app.house;

import bemble.style.Style;
import java.util.List;

/**
 * A class with its conventions.
 *
 * @param version must come back with a change
 * @param unknown the parts of its style that another version has kept and this one does not know
 */
public record ClassView(
    long id, String name, int version, boolean current, Style style, List<String> unknown) {}
