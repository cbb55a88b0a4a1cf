package bemble.app.words;

import bemble.style.Style;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Gives the screens their words. */
@RestController
class WordsController {
  private final ObjectMapper json;

  WordsController(ObjectMapper json) {
    this.json = json;
  }

  /**
   * What the screens say in the language of the request.
   *
   * @param language its tag
   * @param messages the messages by key; none of those that the screens say in English anyway
   */
  record ScreenWords(String language, Map<String, String> messages) {}

  @GetMapping("/api/words")
  ScreenWords words() throws IOException {
    String language = Language.current(Style.ENGLISH);
    String path = "/bemble/words/" + language + "/screens.json";
    try (InputStream file = WordsController.class.getResourceAsStream(path)) {
      Map<String, String> messages =
          file == null ? Map.of() : json.readValue(file, new TypeReference<>() {});
      return new ScreenWords(language, messages);
    }
  }
}
