package bemble.app.store;

import bemble.app.http.StyleJson;
import bemble.style.Style;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Component;

/** Values that lie in a column as JSON. What any version of Bemble has written can be read. */
@Component
public class Stored {
  private final ObjectMapper json;

  Stored(ObjectMapper json) {
    this.json = json;
  }

  public String write(Object value) {
    try {
      return json.writeValueAsString(value);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A style, with the standard value for what this version does not know. */
  public Style style(String text) {
    try {
      return StyleJson.stored(json.readTree(text));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
