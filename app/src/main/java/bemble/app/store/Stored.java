package bemble.app.store;

import bemble.app.http.StyleJson;
import bemble.style.Style;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;

/** Values that lie in a column as JSON. What any version of Bemble has written can be read. */
@Component
public class Stored {
  /** As many as there are classes and kept sums in use at once. */
  private static final int KEPT_STYLES = 200;

  private final ObjectMapper json;
  private final Cache<String, Style> styles =
      Caffeine.newBuilder().maximumSize(KEPT_STYLES).build();

  Stored(ObjectMapper json) {
    this.json = json;
  }

  /** A style with the version of what its settings mean. */
  public String write(Style style) {
    ObjectNode written = json.valueToTree(style);
    StyleJson.note(written);
    return written.toString();
  }

  /** A style, with the standard value for what this version does not know. */
  public Style style(String text) {
    return styles.get(text, written -> read(written, unknown -> {}));
  }

  /** What of a style this version does not know. */
  public List<String> unknown(String text) {
    List<String> unknown = new ArrayList<>();
    read(text, unknown::add);
    return unknown;
  }

  private Style read(String text, Consumer<String> unknown) {
    try {
      return StyleJson.stored(json.readTree(text), unknown);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
