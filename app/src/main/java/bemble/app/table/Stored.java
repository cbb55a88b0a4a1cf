package bemble.app.table;

import bemble.app.json.StyleJson;
import bemble.style.Style;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Values that lie in a column as JSON. All that an earlier version wrote can be read. */
@Component
public class Stored {
  /** As many as there are classes and kept sums in use at once. */
  private static final int KEPT_STYLES = 200;

  private static final int MOST_TOLD = 40;

  private final ObjectMapper json;
  private final Cache<String, Style> styles =
      Caffeine.newBuilder().maximumSize(KEPT_STYLES).build();

  Stored(ObjectMapper json) {
    this.json = json;
  }

  /** A style with the version of its settings. */
  public String write(Style style) {
    ObjectNode written = json.valueToTree(style);
    StyleJson.note(written);
    return written.toString();
  }

  /** A style; settings that this version does not know have their standard choice. */
  public Style style(String text) {
    return styles.get(text, written -> read(written, unknown -> {}));
  }

  /** The parts of a style that this version does not know. */
  public List<String> unknown(String text) {
    List<String> unknown = new ArrayList<>();
    read(text, unknown::add);
    return unknown;
  }

  /** Whether a text is a style at all. */
  public boolean isStyle(String text) {
    return node(text).isObject();
  }

  /** A style; a damaged one is reported whole, and the standard style takes its place. */
  private Style read(String text, Consumer<String> unknown) {
    JsonNode given = node(text);
    if (!given.isObject()) {
      unknown.accept(text.substring(0, Math.min(MOST_TOLD, text.length())));
    }
    return StyleJson.stored(given, unknown);
  }

  private JsonNode node(String text) {
    try {
      return json.readTree(text);
    } catch (JsonProcessingException e) {
      return json.missingNode();
    }
  }
}
