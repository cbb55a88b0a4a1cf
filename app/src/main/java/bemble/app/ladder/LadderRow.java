package bemble.app.ladder;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;

/**
 * A rung as a class has changed it.
 *
 * @param name words of the class; empty where those of Bemble stand, as is {@code news}
 * @param recipe a recipe in JSON for a rung of the class's own; missing for a shipped one, as is
 *     {@code method}
 */
record LadderRow(
    String rung, boolean hidden, String name, String news, JsonNode recipe, String method) {
  /** The row of a rung that every class has, as it is shipped. */
  public static LadderRow shipped(String rung) {
    return new LadderRow(rung, false, "", "", MissingNode.getInstance(), "");
  }
}
