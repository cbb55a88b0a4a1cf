import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * Takes nine megabytes of data out of ICU's jar: what is there for languages that Bemble does not
 * speak, and what Bemble never asks: line breaks, sorting, transliteration and numbers in words. Other
 * kinds are needed where one would not expect it: a plain number asks for the currencies.
 *
 * <p>Takes the jar and the languages that stay.
 */
class Slim {
  private static final List<String> UNUSED = List.of("brkitr", "coll", "rbnf", "translit");

  /** A file of one language, as en.res or zh_Hant.res are; res_index.res only looks like one. */
  private static final String OF_A_LANGUAGE = "(?!res_index)[a-z]{2,3}(_\\w+)?\\.res";

  public static void main(String[] args) throws IOException {
    List<String> spoken = Arrays.asList(args).subList(1, args.length);
    try (FileSystem jar = FileSystems.newFileSystem(Path.of(args[0]));
        Stream<Path> all = Files.walk(jar.getPath("/com/ibm/icu/impl/data/icudata"))) {
      for (Path file : all.filter(Files::isRegularFile).toList()) {
        String name = file.getFileName().toString();
        boolean unused = UNUSED.contains(file.getParent().getFileName().toString());
        if (unused || name.matches(OF_A_LANGUAGE) && !spoken.contains(name.split("[_.]")[0])) {
          Files.delete(file);
        }
      }
    }
  }
}
