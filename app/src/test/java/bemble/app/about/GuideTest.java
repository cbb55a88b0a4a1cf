package bemble.app.about;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class GuideTest {
  private static final Path PICTURES = Path.of("../docs/screenshots");
  private static final Pattern PICTURE = Pattern.compile("<img src=\"([^\"]+)\" alt=\"([^\"]+)\"");
  private static final Pattern LABEL = Pattern.compile("<(em|strong)>([^<]+)</");

  /** Words that are set off for their own sake, and not because they are a label. */
  private static final List<String> WORDS = List.of("as I go", "when I hand in", "Onto a zero");

  private static Stream<MatchResult> found(Pattern pattern) {
    return Guide.pages().stream()
        .flatMap(page -> pattern.matcher(page.html()).results().toList().stream());
  }

  private static String shown() throws IOException {
    StringBuilder all = new StringBuilder(Files.readString(Path.of("../web/src/words/en.json")));
    for (String folder : List.of("src", "../words/src")) {
      try (Stream<Path> files =
          Files.walk(Path.of(folder, "main/resources/bemble/words/en"))
              .filter(file -> file.toString().endsWith(".properties"))) {
        for (Path file : files.toList()) {
          all.append(Files.readString(file));
        }
      }
    }
    return all.toString().toLowerCase();
  }

  @Test
  void hasElevenPagesInOrderEachWithATitleOfItsOwn() {
    List<GuidePage> pages = Guide.pages();
    assertEquals(11, pages.size());
    assertEquals("first-hour", pages.get(0).id());
    assertEquals(11, pages.stream().map(GuidePage::title).distinct().count());
    pages.forEach(page -> assertFalse(page.html().contains("<h1>"), page.id()));
  }

  @Test
  void showsOnlyPicturesThatExistAndSaysWhatIsOnThem() {
    List<MatchResult> pictures = found(PICTURE).toList();
    assertTrue(pictures.size() >= 10, pictures.size() + " pictures");
    for (MatchResult picture : pictures) {
      assertTrue(Files.exists(PICTURES.resolve(picture.group(1))), picture.group());
    }
  }

  @Test
  void namesOnlyWhatTheScreensCallSo() throws IOException {
    String shown = shown();
    List<String> unknown =
        found(LABEL)
            .map(label -> label.group(2).strip())
            .filter(label -> !WORDS.contains(label))
            .filter(label -> !label.endsWith("."))
            .filter(label -> !shown.contains(label.toLowerCase()))
            .distinct()
            .toList();
    assertEquals(List.of(), unknown);
  }
}
