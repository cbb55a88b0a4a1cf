package bemble.app.reader;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Labelled figures of many hands: 28 by 28 dots, 0 for paper to 255 for ink. */
public final class FigureSet {
  public static final int SIDE = 28;

  /** The length of a file's head before the first picture and the first label. */
  private static final int PICTURES_AT = 16;

  private static final int LABELS_AT = 8;

  private final List<List<byte[]>> byFigure = new ArrayList<>();

  /**
   * Some of the figures of a file, by their places.
   *
   * @param folder with the files of the set as they are published
   * @param name {@code train} or {@code t10k}
   */
  public FigureSet(Path folder, String name, int from, int to) throws IOException {
    byte[] pictures = Files.readAllBytes(folder.resolve(name + "-images-idx3-ubyte"));
    byte[] labels = Files.readAllBytes(folder.resolve(name + "-labels-idx1-ubyte"));
    for (int figure = 0; figure < 10; figure++) {
      byFigure.add(new ArrayList<>());
    }
    for (int i = from; i < to; i++) {
      byte[] picture = new byte[SIDE * SIDE];
      System.arraycopy(pictures, PICTURES_AT + i * picture.length, picture, 0, picture.length);
      byFigure.get(labels[LABELS_AT + i]).add(picture);
    }
  }

  /** One of the pictures of a figure. */
  public byte[] any(int figure, Random random) {
    List<byte[]> some = byFigure.get(figure);
    return some.get(random.nextInt(some.size()));
  }
}
