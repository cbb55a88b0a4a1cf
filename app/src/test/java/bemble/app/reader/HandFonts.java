package bemble.app.reader;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/** Reads fonts of the web: WOFF, with the tables of a TrueType font, each deflated. */
public final class HandFonts {
  private static final int HEAD = 44;
  private static final int ENTRY = 20;
  private static final int PLAIN_HEAD = 12;
  private static final int PLAIN_ENTRY = 16;

  private HandFonts() {}

  /** All of a folder, in the order of their names. */
  public static List<Font> in(Path folder) throws IOException {
    List<Font> fonts = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.sorted().toList()) {
        byte[] plain = plain(ByteBuffer.wrap(Files.readAllBytes(file)));
        fonts.add(Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(plain)));
      }
    } catch (FontFormatException | DataFormatException e) {
      throw new IOException(e);
    }
    return fonts;
  }

  private static byte[] plain(ByteBuffer woff) throws DataFormatException {
    int tables = woff.getShort(12);
    ByteBuffer font = ByteBuffer.allocate(woff.getInt(16));
    int power = Integer.highestOneBit(tables);
    font.putInt(woff.getInt(4)).putShort((short) tables).putShort((short) (16 * power));
    font.putShort((short) Integer.numberOfTrailingZeros(power));
    font.putShort((short) (16 * (tables - power)));
    int at = PLAIN_HEAD + PLAIN_ENTRY * tables;
    for (int table = 0; table < tables; table++) {
      int entry = HEAD + ENTRY * table;
      int length = woff.getInt(entry + 12);
      font.putInt(woff.getInt(entry)).putInt(woff.getInt(entry + 16)).putInt(at).putInt(length);
      inflate(woff, entry, font.array(), at, length);
      at += (length + 3) / 4 * 4;
    }
    return font.array();
  }

  private static void inflate(ByteBuffer woff, int entry, byte[] to, int at, int length)
      throws DataFormatException {
    int from = woff.getInt(entry + 4);
    int deflated = woff.getInt(entry + 8);
    if (deflated == length) {
      woff.get(from, to, at, length);
      return;
    }
    Inflater inflater = new Inflater();
    inflater.setInput(woff.array(), from, deflated);
    inflater.inflate(to, at, length);
    inflater.end();
  }
}
