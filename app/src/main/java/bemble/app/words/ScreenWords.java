package bemble.app.words;

import bemble.style.Style;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;

/**
 * The words of the screens in one language.
 *
 * @param language its tag
 * @param messages the messages by key; none in English, which the screens have themselves
 */
public record ScreenWords(String language, Map<String, String> messages) {
  /** The words in the language of the request. */
  public static ScreenWords read(ObjectMapper json) throws IOException {
    String language = Language.current(Style.ENGLISH);
    String path = "/bemble/words/" + language + "/screens.json";
    try (InputStream file = ScreenWords.class.getResourceAsStream(path)) {
      Map<String, String> messages =
          file == null ? Map.of() : json.readValue(file, new TypeReference<>() {});
      return new ScreenWords(language, messages);
    }
  }
}
