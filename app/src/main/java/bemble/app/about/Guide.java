package bemble.app.about;

import bemble.app.words.Language;
import bemble.style.Style;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * The guide for teachers: the files {@code guide/NN-id.md} of a language, in the order of their
 * numbers. A language without a guide has the English one.
 */
final class Guide {
  private static final Pattern FILE = Pattern.compile("\\d\\d-([a-z-]+)\\.md");
  private static final Pattern TITLE = Pattern.compile("# (.+)\n");
  private static final Map<String, List<GuidePage>> READ = new ConcurrentHashMap<>();
  private static final List<Extension> TABLES = List.of(TablesExtension.create());
  private static final Parser PARSER = Parser.builder().extensions(TABLES).build();
  private static final HtmlRenderer HTML =
      HtmlRenderer.builder().extensions(TABLES).escapeHtml(true).build();

  private Guide() {}

  /** The pages in the language of the request. */
  static List<GuidePage> pages() {
    return READ.computeIfAbsent(Language.current(Style.ENGLISH), Guide::read);
  }

  private static List<GuidePage> read(String language) {
    try {
      Resource[] files =
          new PathMatchingResourcePatternResolver()
              .getResources("classpath*:bemble/words/" + language + "/guide/*.md");
      return files.length == 0 && !language.equals(Style.ENGLISH)
          ? read(Style.ENGLISH)
          : Stream.of(files)
              .sorted(Comparator.comparing(Resource::getFilename))
              .map(Guide::page)
              .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static GuidePage page(Resource file) {
    try {
      Matcher name = FILE.matcher(String.valueOf(file.getFilename()));
      String text = file.getContentAsString(StandardCharsets.UTF_8);
      Matcher title = TITLE.matcher(text);
      if (!name.matches() || !title.lookingAt()) {
        throw new IllegalStateException("No page of the guide: " + file);
      }
      String html = HTML.render(PARSER.parse(text.substring(title.end())));
      return new GuidePage(name.group(1), title.group(1), html);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
