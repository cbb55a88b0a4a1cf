package bemble.app.house;

import bemble.style.Style;

/** A class with its conventions; {@code version} must come back with a change. */
public record ClassView(long id, String name, int version, boolean current, Style style) {}
