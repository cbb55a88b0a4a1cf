package bemble.app.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import bemble.app.siege.Noise;
import bemble.app.siege.Views;
import bemble.method.Method;
import bemble.methods.Methods;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every word that a person sees stands in a message: shown in a language of brackets. */
@BeginsEmpty
class EveryWordTest extends Journey {
  private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");

  /**
   * How a root is typed, a fill-in of a sentence, keys, and dates, which are written as their
   * locale has them.
   */
  private static final Pattern NOT_WORDS =
      Pattern.compile(
          "https?://[\\d.:]+/room|to \\d+ places?|AM|PM|(?<=\\d )at|\\{\\w+}|Ctrl|Alt"
              + "|(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|(January|February|March|April|May|June"
              + "|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?"
              + "|Oct|Nov|Dec)\\b");

  /** The separators of a list. */
  private static final Pattern LIST = Pattern.compile("[\\s,]*(or|and)[\\s,]*");

  /** All text on a screen, including that for those who hear it. */
  private static final String SHOWN =
      """
      () => {
        const seen = (element) => element.checkVisibility({ checkVisibilityCSS: true });
        const texts = [];
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (walk.nextNode()) {
          const parent = walk.currentNode.parentElement;
          if (parent && !parent.closest('script, style') && seen(parent)) {
            // The figures of a tally stand in elements of their own.
            const whole = parent.closest('[data-testid=tally] > span');
            texts.push(whole ? whole.textContent : walk.currentNode.data);
          }
        }
        for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-description']) {
          for (const element of document.querySelectorAll(`[${name}]`)) {
            texts.push(element.getAttribute(name));
          }
        }
        for (const chosen of document.querySelectorAll('input[role=combobox]')) {
          texts.push(chosen.value);
        }
        texts.push(document.title.replace(/Bemble/, ''));
        return texts;
      }
      """;

  private static Brackets brackets;

  @BeforeAll
  static void speakInBrackets() throws IOException {
    brackets = new Brackets();
    speak(Brackets.TAG);
    hand.reload();
  }

  @AfterAll
  static void speakEnglish() throws IOException {
    speak("en");
    brackets.close();
  }

  private static void speak(String language) {
    JsonNode room = talk().get("/api/classes").json().get(0);
    Map<String, Object> changed =
        Map.of(
            "name", room.get("name").asText(),
            "version", room.get("version").asInt(),
            "style", Map.of("language", language));
    Talk.Answer answer = talk().put("/api/classes/" + room.get("id"), changed);
    assertEquals(200, answer.status(), answer::text);
  }

  /** Texts that somebody typed, longer ones before those that they contain. */
  private static final List<String> TYPED =
      List.of(
          "I ran out of time.",
          "A ten from the ones",
          "Tens from tens",
          "Bulbs again",
          "Added up.",
          "Beds by the wall",
          "Rows of leeks",
          "Seed Barn",
          "My class",
          "Odhran",
          "English",
          "Bemble",
          "Tamsin",
          "Bulbs",
          "Ismay",
          "Neve",
          "Bram",
          "Caio",
          "Beds");

  /** The words of a text that stand in no brackets and that nobody typed. */
  private static List<String> bare(String text) {
    String left = Brackets.outside(text);
    if (LIST.matcher(left).matches()) {
      return List.of();
    }
    for (String each : TYPED) {
      left = left.replace(each, "");
    }
    left = NOT_WORDS.matcher(left).replaceAll("");
    return WORD.matcher(left).results().map(word -> word.group()).toList();
  }

  @Test
  void everyViewSpeaksInMessages() {
    Map<String, List<String>> found = new TreeMap<>();
    new EveryView(hand, talk(), Brackets::around)
        .forEach(
            (view, open) -> {
              open.run();
              if (view.equals("guide")) {
                // A language that has no guide shows the English one.
                hand.page.evaluate(
                    "document.querySelectorAll('article, ol a').forEach(e => e.remove())");
              }
              for (Object text : (List<?>) hand.page.evaluate(SHOWN)) {
                if (!bare((String) text).isEmpty()) {
                  found.computeIfAbsent(view, each -> new ArrayList<>()).add((String) text);
                }
              }
            });
    assertEquals("", lines(found));
  }

  private static String lines(Map<String, List<String>> found) {
    StringBuilder lines = new StringBuilder();
    found.forEach(
        (where, texts) ->
            lines.append(where).append(": ").append(new TreeSet<>(texts)).append('\n'));
    return lines.toString();
  }

  static List<Method<?>> methods() {
    return Methods.all();
  }

  /** Text of several words is for people; a name in the interface is one word. */
  private static void collect(JsonNode json, List<String> found) {
    if (json.isTextual()) {
      String text = json.asText();
      if (text.contains(" ") && !bare(text).isEmpty()) {
        found.add(text);
      }
    }
    json.forEach(each -> collect(each, found));
  }

  private static void collect(String where, Talk.Answer answer, Map<String, List<String>> found)
      throws IOException {
    List<String> texts = new ArrayList<>();
    String start = new String(answer.bytes(), 0, Math.min(4, answer.bytes().length));
    if (start.startsWith("%PDF")) {
      try (PDDocument pdf = Loader.loadPDF(answer.bytes())) {
        texts.addAll(bare(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ")));
      }
    } else if (answer.status() >= 400) {
      collect(answer.json().path("detail"), texts);
    } else if (start.equals("BEGI")) {
      // The texts of a calendar for people; its long lines are folded.
      Stream.of(answer.text().replaceAll("\r?\n ", "").split("\r?\n"))
          .filter(line -> line.startsWith("SUMMARY:") || line.startsWith("DESCRIPTION:"))
          .forEach(
              line -> texts.addAll(bare(line.substring(line.indexOf(':')).replace("\\n", " "))));
    } else if (start.startsWith("{") || start.startsWith("[")) {
      collect(answer.json(), texts);
    } else {
      // The texts in a drawing.
      texts.addAll(bare(answer.text().replaceAll("<[^>]*>", " ")));
    }
    if (!texts.isEmpty()) {
      found.put(where, texts);
    }
  }

  private static Talk.Answer send(String asked, String body) {
    String[] parts = asked.split(" ");
    // Pages are written in the language of their style.
    String spoken = body.replace("\"style\":{}", "\"style\":{\"language\":\"en-XA\"}");
    return parts[0].equals("PUT") ? talk().put(parts[1], spoken) : talk().post(parts[1], spoken);
  }

  @Test
  void everyAnswerAndEveryRefusalIsAMessage() throws IOException {
    Map<String, List<String>> found = new TreeMap<>();
    Map<String, String> bodies = new TreeMap<>(Noise.TAKEN);
    // It would give the class its own language back.
    bodies.remove("PUT /api/classes/1");
    for (Map.Entry<String, String> body : bodies.entrySet()) {
      collect(body.getKey(), send(body.getKey(), body.getValue()), found);
    }
    for (String view : Views.ofCurrentClass(talk())) {
      // A table of values is for programs, which know its columns by their names.
      if (!view.endsWith("/csv")) {
        collect(view, talk().get(view), found);
      }
    }
    Random random = new Random(2028);
    for (int i = 0; i < 500; i++) {
      String asked = List.copyOf(bodies.keySet()).get(random.nextInt(bodies.size()));
      Talk.Answer answer = send(asked, Noise.damaged(bodies.get(asked), random));
      if (answer.status() >= 400) {
        collect(asked + " damaged", answer, found);
      }
    }
    for (int i = 0; i < 150; i++) {
      String line = Noise.line(random);
      Talk.Answer answer = talk().post("/api/workings", Map.of("plain", line));
      if (answer.status() >= 400) {
        collect(line, answer, found);
      }
    }
    assertEquals("", lines(found));
  }

  @ParameterizedTest
  @MethodSource("methods")
  void everySentenceOfAMethodIsAMessage(Method<?> method) throws IOException {
    Map<String, List<String>> found = new TreeMap<>();
    for (String sum : method.sampleLines()) {
      Map<String, Object> asked =
          Map.of("plain", sum, "method", method.id(), "style", Map.of("language", Brackets.TAG));
      for (String path :
          List.of("/api/workings", "/api/workings/words", "/api/exports/svg?step=3")) {
        Talk.Answer answer = talk().post(path, asked);
        assertEquals(200, answer.status(), answer::text);
        collect(path + " " + sum, answer, found);
      }
    }
    assertEquals("", lines(found));
  }

  @Test
  void aBrowserMayAskForAnotherLanguageThanTheClassHas() {
    hand.page.navigate("/desk?lang=en");
    assertEquals("en-GB", hand.page.evaluate("document.documentElement.lang"));
    hand.page.navigate("/workbook");
    assertThat(hand.button("Backups")).isVisible();
    hand.page.navigate("/workbook?lang=" + Brackets.TAG);
    assertThat(hand.button(Brackets.around("Backups"))).isVisible();
    hand.page.navigate("/workbook?lang=tlh");
    assertEquals("en-GB", hand.page.evaluate("document.documentElement.lang"));
  }

  @Test
  void aTeacherChoosesTheLanguageOfTheClass() {
    hand.page.navigate("/house");
    hand.button("English").click();
    assertThat(hand.button("English")).hasAttribute("aria-pressed", "true");
    assertThat(hand.page.getByText("Own sentences")).isVisible();
    JsonNode style = talk().get("/api/classes").json().get(0).get("style");
    assertEquals("en", style.get("language").asText());
    hand.button(Brackets.around("English")).click();
    assertThat(hand.page.getByText(Brackets.around("Own sentences"))).isVisible();
  }

  @Test
  void aLanguageThatThereIsNotIsRefused() {
    Talk.Answer answer =
        talk()
            .post(
                "/api/classes",
                Map.of("name", "Potting Bench", "style", Map.of("language", "tlh")));
    assertEquals(422, answer.status());
    assertEquals("«Bemble has no language “tlh”.»", answer.detail());
  }

  /** A text that is worked out once and shared comes to each browser in its own language. */
  @Test
  void eachOfTwoBrowsersIsAnsweredInItsLanguage() {
    Talk talk = talk();
    talk.post("/api/roll", Map.of("names", "Averil\nFenn"));
    Map<String, Object> sum = Map.of("plain", "402 − 87");
    Map<String, Object> beds = Map.of("title", "Beds", "sums", List.of(sum));
    String handout = talk.post("/api/handouts", beds).json().get("id").asText();
    String attempt = talk.post("/api/attempts", Map.of("sum", sum)).json().get("id").asText();
    hand.page.navigate("/workbook?lang=en");
    Map.of(
            "/api/register",
            "/rungs/0/name",
            "/api/plan?weeks=2",
            "/shares/rules/0",
            "/api/handouts/" + handout,
            "/sums/0/known/1/slips/0/name",
            "/api/attempts/" + attempt,
            "/methodName")
        .forEach(
            (path, at) -> {
              String bracketed = talk.get(path).json().at(at).asText();
              assertEquals(List.of(), bare(bracketed), path);
              String english =
                  new Talk.Answer(0, hand.page.request().get(path).body()).json().at(at).asText();
              assertEquals(bracketed.replaceAll("[«»]", ""), english, path);
              assertNotEquals(bracketed, english, path);
            });
    hand.page.navigate("/workbook?lang=" + Brackets.TAG);
  }
}
