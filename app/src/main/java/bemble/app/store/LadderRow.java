package bemble.app.store;

/**
 * A rung as a class has changed it.
 *
 * @param name words of the class; empty where those of Bemble stand, as is {@code news}
 * @param recipe a recipe in JSON for a rung of the class's own; empty for a shipped one, as is
 *     {@code method}
 */
public record LadderRow(
    String rung, boolean hidden, String name, String news, String recipe, String method) {}
