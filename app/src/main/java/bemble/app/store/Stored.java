package bemble.app.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.springframework.stereotype.Component;

/** Values that lie in a column as JSON. What was written by Bemble can be read by it. */
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

  public <T> T read(String text, Class<T> type) {
    try {
      return json.readValue(text, type);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
