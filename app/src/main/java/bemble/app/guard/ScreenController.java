package bemble.app.guard;

import bemble.app.words.ScreenWords;
import bemble.app.words.Sentences;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Base64;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * Serves the one HTML page behind every tab, and that of pupils' devices, with a style nonce of its
 * own each time.
 */
@Controller
@Hidden
class ScreenController {
  /** Stands in the built page wherever the nonce belongs. */
  private static final String PLACEHOLDER = "BEMBLE-NONCE";

  /** Stands in it where the words of the screens belong. */
  private static final String WORDS = "BEMBLE-WORDS";

  /** Stands in it where the screens will be drawn. */
  private static final String OPENING = "BEMBLE-OPENING";

  private final ObjectMapper json;
  private final SecureRandom random = new SecureRandom();
  private final Resource index;
  private final Resource room;

  ScreenController(
      @Value("classpath:/static/index.html") Resource index,
      @Value("classpath:/static/room/room.html") Resource room,
      ObjectMapper json) {
    this.index = index;
    this.room = room;
    this.json = json;
  }

  /** An address that no view has gets the page too, which says so. */
  @GetMapping({"/", "/{tab:(?!api$|assets$|room$)[a-z-]+}/**"})
  ResponseEntity<String> screen(HttpServletResponse response) throws IOException {
    return page(index, Sentences.of("screen.opening"), response);
  }

  /** The screens of a pupil's device. */
  @GetMapping("/room")
  ResponseEntity<String> room(HttpServletResponse response) throws IOException {
    return page(room, Sentences.of("screen.opening-room"), response);
  }

  private ResponseEntity<String> page(Resource html, String opening, HttpServletResponse response)
      throws IOException {
    String page = html.getContentAsString(StandardCharsets.UTF_8);
    byte[] bytes = new byte[18];
    random.nextBytes(bytes);
    String nonce = Base64.getUrlEncoder().encodeToString(bytes);
    String policy =
        "default-src 'none'; script-src 'self'; connect-src 'self'; img-src 'self' data:;"
            + " font-src 'self'; style-src 'self' 'nonce-"
            + nonce
            + "'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
    // In the place of the one that every answer has.
    response.setHeader("Content-Security-Policy", policy);
    return ResponseEntity.ok()
        .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
        .cacheControl(CacheControl.noStore())
        .body(page.replace(PLACEHOLDER, nonce).replace(OPENING, opening).replace(WORDS, words()));
  }

  /** The words in the language of the request. A bracket in them must not end their element. */
  private String words() throws IOException {
    return json.writeValueAsString(ScreenWords.read(json)).replace("<", "\\u003c");
  }
}
