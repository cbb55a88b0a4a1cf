package bemble.app.export;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The fonts of one PDF, of which only the letters used are put into it. */
final class PdfFonts {
  private static final byte[] REGULAR = read("/fonts/Andika-Regular.ttf");
  private static final byte[] BOLD = read("/fonts/Andika-Bold.ttf");
  private static final double UNITS = 1000;

  /** A space at which no line is cut. */
  static final String KEPT = "\u00a0";

  private final PDFont regular;
  private final PDFont bold;

  PdfFonts(PDDocument document) {
    regular = load(document, REGULAR);
    bold = load(document, BOLD);
  }

  /** Ligatures are left out: a search for "figures" would not find them. */
  private static PDFont load(PDDocument document, byte[] file) {
    try {
      TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file));
      font.setEnableGsub(false);
      return PDType0Font.load(document, font, true);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] read(String name) {
    try (InputStream file = PdfFonts.class.getResourceAsStream(name)) {
      return file.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  PDFont font(boolean heavy) {
    return heavy ? bold : regular;
  }

  /** How wide a text is, in points. */
  double width(String text, double size, boolean heavy) {
    try {
      return font(heavy).getStringWidth(writable(text)) / UNITS * size;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<String> words(String text, double size, boolean heavy, double width) {
    List<String> words = new ArrayList<>();
    for (String word : text.split(" ")) {
      if (width(word, size, heavy) <= width) {
        words.add(word);
      } else if (word.contains(KEPT)) {
        words.addAll(words(word.replace(KEPT, " "), size, heavy, width));
      } else {
        int half = word.offsetByCodePoints(0, word.codePointCount(0, word.length()) / 2);
        words.addAll(
            half == 0
                ? List.of(word)
                : words(word.substring(0, half) + " " + word.substring(half), size, heavy, width));
      }
    }
    return words;
  }

  /** The text with a question mark for every letter that the font has not. */
  String writable(String text) {
    StringBuilder writable = new StringBuilder();
    text.replace(KEPT, " ")
        .codePoints()
        .forEach(
            letter -> {
              String one = Character.toString(letter);
              writable.append(knows(one) ? one : "?");
            });
    return writable.toString();
  }

  private boolean knows(String letter) {
    try {
      regular.encode(letter);
      return true;
    } catch (IOException | IllegalArgumentException e) {
      return false;
    }
  }

  /**
   * The text cut into lines no wider than {@code width} points: between words, or within a word
   * that is wider by itself. Words with {@link #KEPT} between them stay together, if they have room
   * in a line.
   */
  List<String> lines(String text, double size, boolean heavy, double width) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : words(text, size, heavy, width)) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (!line.isEmpty() && width(longer, size, heavy) > width) {
        lines.add(line.toString());
        line.setLength(0);
        line.append(word);
      } else {
        line.setLength(0);
        line.append(longer);
      }
    }
    lines.add(line.toString());
    return lines;
  }
}
