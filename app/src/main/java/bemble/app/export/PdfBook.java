package bemble.app.export;

import bemble.app.export.Canvas.Anchor;
import bemble.app.export.Canvas.Lettering;
import bemble.app.export.Canvas.Point;
import bemble.method.AnswerSquares;
import bemble.paper.Area;
import bemble.paper.Mark;
import bemble.paper.Paper;
import bemble.paper.Role;
import bemble.paper.Shape;
import bemble.paper.Square;
import bemble.problem.Operation;
import bemble.procedure.Working;
import bemble.style.Style;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** Sheets of paper with worked or empty pages on them. All lengths are points. */
final class PdfBook implements AutoCloseable {
  static final double MARGIN = 42;
  static final double HEADING = 17;
  private static final double LARGEST_SQUARE = 27;
  private static final double GAP = 12;
  private static final double LEADING = 1.3;

  private final PDDocument document = new PDDocument();
  private final PdfFonts fonts = new PdfFonts(document);
  private final PDRectangle size;

  PdfBook(PdfRequest.Size size) {
    this.size = size == PdfRequest.Size.A4 ? PDRectangle.A4 : PDRectangle.LETTER;
  }

  /** A part of a sheet: its upper left corner from the sheet's lower left, and its extent. */
  record Space(double left, double top, double width, double height) {}

  /** Papers, and a sentence about them. */
  record Frame(String heading, List<Shown> papers, String sentence) {}

  /**
   * The visible part of a paper.
   *
   * @param marks all marks
   * @param fresh those of the marks that are set off
   * @param open squares still to be written in: they are boxes
   */
  record Shown(Area extent, List<Mark> marks, List<Mark> fresh, List<Square> open) {
    /** A working as it is when a step is done. */
    static Shown at(Working working, int step) {
      Paper paper = working.paper();
      return new Shown(paper.extent(), paper.marksAt(step), List.of(), List.of());
    }

    /** The same, with the marks of that step set off. */
    static Shown fresh(Working working, int step) {
      List<Mark> marks = working.paper().marksAt(step);
      List<Mark> fresh = marks.stream().filter(mark -> mark.step() == step).toList();
      return new Shown(working.paper().extent(), marks, fresh, List.of());
    }

    /** A sum that is set out, with boxes for its answer. */
    static Shown blank(Working working, Style style) {
      List<Square> open = AnswerSquares.of(working, style);
      List<Mark> marks = new ArrayList<>(working.setOut());
      boolean below = working.problem().operation() == Operation.MULTIPLICATION;
      if (below && !open.isEmpty()) {
        marks.add(ruled(open, marks.size()));
      }
      return new Shown(working.paper().extent(), marks, List.of(), open);
    }

    /** A line over the boxes of an answer that stands below its rows. */
    private static Mark ruled(List<Square> open, int id) {
      Square first = open.get(open.size() - 1);
      Square end = open.get(0).moved(0, 1);
      return new Mark(id, Role.RULE, null, 0, new Shape.Line(first, end));
    }
  }

  /** Draws one sheet. */
  interface Sheet {
    void draw(PDPageContentStream out, Space space) throws IOException;
  }

  void sheet(Sheet sheet) {
    PDPage page = new PDPage(size);
    document.addPage(page);
    try (PDPageContentStream out = new PDPageContentStream(document, page)) {
      double width = size.getWidth() - 2 * MARGIN;
      double height = size.getHeight() - 2 * MARGIN;
      sheet.draw(out, new Space(MARGIN, size.getHeight() - MARGIN, width, height));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** One sheet with one page on it. */
  void page(Frame frame) {
    sheet((out, space) -> draw(out, space, frame, HEADING));
  }

  /** Frames in order, row by row, on as many sheets as they need. */
  void strip(List<Frame> frames, PdfRequest.Tiling tiling) {
    for (int first = 0; first < frames.size(); first += tiling.frames()) {
      List<Frame> some = frames.subList(first, Math.min(first + tiling.frames(), frames.size()));
      sheet(
          (out, space) -> {
            double width = (space.width() - GAP * (tiling.across() - 1)) / tiling.across();
            double height = (space.height() - GAP * (tiling.down() - 1)) / tiling.down();
            for (int i = 0; i < some.size(); i++) {
              double left = space.left() + i % tiling.across() * (width + GAP);
              double top = space.top() - i / tiling.across() * (height + GAP);
              draw(out, new Space(left, top, width, height), some.get(i), HEADING / 2);
            }
          });
    }
  }

  /** The room between the margins of a sheet. */
  Tile.Room room(double above) {
    double width = size.getWidth() - 2 * MARGIN;
    return new Tile.Room(width, size.getHeight() - 2 * MARGIN - above, HEADING, GAP);
  }

  /** A paper at its place, below a block that takes so much of the sheet. */
  void tile(PDPageContentStream out, Space space, Tile tile, double above) {
    double left = space.left() + tile.left();
    double top = space.top() - above - tile.top();
    new PdfCanvas(out, fonts, left, top, 1)
        .text(
            new Point(0, HEADING / 3),
            tile.frame().heading(),
            new Lettering(HEADING * 0.7, true, Tint.TEXT, Anchor.START));
    Space below = new Space(left, top - HEADING, tile.width(), tile.height() - HEADING);
    papers(out, below, tile.area(), tile.frame().papers(), tile.side());
  }

  /** Points of a sheet, from its upper left corner. */
  PdfCanvas canvas(PDPageContentStream out) {
    return new PdfCanvas(out, fonts, 0, size.getHeight(), 1);
  }

  /** A text in lines that are no wider than that. */
  List<String> broken(String text, double letters, boolean heavy, double width) {
    return fonts.lines(text, letters, heavy, width);
  }

  /** How wide a text is. */
  double width(String text, double letters) {
    return fonts.width(text, letters, false);
  }

  double width() {
    return size.getWidth();
  }

  double height() {
    return size.getHeight();
  }

  void heading(PDPageContentStream out, Space space, String heading) {
    heading(out, space, heading, space.width());
  }

  /** A heading in letters that are small enough for its room. */
  void heading(PDPageContentStream out, Space space, String heading, double room) {
    double letters = HEADING * Math.min(1, room / fonts.width(heading, HEADING, true));
    new PdfCanvas(out, fonts, space.left(), space.top(), 1)
        .text(
            new Point(0, HEADING / 2),
            heading,
            new Lettering(letters, true, Tint.ACTION, Anchor.START));
  }

  /** Lines of words, in columns. A long line goes on below, set in like a line with a tab. */
  void lines(String heading, List<String> texts, int columns) {
    double letters = HEADING * 0.75;
    double width = (size.getWidth() - 2 * MARGIN - GAP * (columns - 1)) / columns;
    List<String> lines = new ArrayList<>();
    for (String text : texts) {
      boolean within = text.startsWith("\t");
      List<String> broken = fonts.lines(text.strip(), letters, false, width - 3 * letters);
      for (int i = 0; i < broken.size(); i++) {
        lines.add((within ? "      " : "") + (i == 0 ? "" : "      ") + broken.get(i));
      }
    }
    double room = size.getHeight() - 2 * MARGIN - 2.5 * HEADING;
    int down = (int) (room / (letters * LEADING));
    for (int first = 0; first < lines.size(); first += down * columns) {
      List<String> some = lines.subList(first, Math.min(first + down * columns, lines.size()));
      sheet(
          (out, space) -> {
            heading(out, space, heading);
            PdfCanvas plain = new PdfCanvas(out, fonts, space.left(), space.top(), 1);
            for (int i = 0; i < some.size(); i++) {
              Point at =
                  new Point(
                      i / down * (width + GAP),
                      2.5 * HEADING + (i % down + 0.5) * letters * LEADING);
              plain.text(at, some.get(i), new Lettering(letters, false, Tint.TEXT, Anchor.START));
            }
          });
    }
  }

  private void draw(PDPageContentStream out, Space space, Frame frame, double letters) {
    PdfCanvas plain = new PdfCanvas(out, fonts, space.left(), space.top(), 1);
    plain.text(
        new Point(0, letters / 2),
        frame.heading(),
        new Lettering(letters, true, Tint.ACTION, Anchor.START));
    double said = letters * 1.1;
    List<String> lines = fonts.lines(frame.sentence(), said, false, space.width());
    double foot = (lines.size() + 0.5) * said * LEADING;
    double room = space.height() - 2 * letters - foot;
    Space middle = new Space(space.left(), space.top() - 2 * letters, space.width(), room);
    double used = papers(out, middle, framed(frame.papers()), frame.papers(), LARGEST_SQUARE);
    for (int i = 0; i < lines.size(); i++) {
      double at = 2 * letters + used + (i + 1) * said * LEADING;
      plain.text(
          new Point(0, at), lines.get(i), new Lettering(said, false, Tint.TEXT, Anchor.START));
    }
  }

  /** Draws papers as large as the space allows; gives the height that they took. */
  private double papers(
      PDPageContentStream out, Space space, Area area, List<Shown> papers, double largestSquare) {
    int columns = area.columns();
    int rows = rows(area);
    double side = Math.min(largestSquare, Math.min(space.width() / columns, space.height() / rows));
    double left = space.left() - area.from().column() * side;
    double top = space.top() + area.from().row() * side;
    MarkPainter painter = new MarkPainter(new PdfCanvas(out, fonts, left, top, side));
    for (Shown shown : papers) {
      squares(shown.fresh()).forEach(painter::fresh);
    }
    painter.grid(area);
    for (Shown shown : papers) {
      shown.marks().forEach(painter::paint);
      shown.open().forEach(painter::box);
    }
    return rows * side;
  }

  /** The squares of some papers. */
  static Area used(List<Shown> papers) {
    return papers.stream().map(Shown::extent).reduce(Area::joined).orElseThrow();
  }

  /** The same with one more all round. */
  private static Area framed(List<Shown> papers) {
    Area used = used(papers);
    return new Area(used.from().moved(-1, -1), used.to().moved(1, 1));
  }

  static int rows(Area area) {
    return area.to().row() - area.from().row() + 1;
  }

  /** The squares in which figures of some marks stand. */
  private static Set<Square> squares(List<Mark> marks) {
    Set<Square> squares = new LinkedHashSet<>();
    for (Mark mark : marks) {
      if (mark.place() != null) {
        if (mark.shape() instanceof Shape.Figure figure) {
          squares.add(figure.at());
        } else if (mark.shape() instanceof Shape.Small small) {
          squares.add(small.at());
        }
      }
    }
    return squares;
  }

  byte[] bytes() {
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      document.save(bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void close() {
    try {
      document.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
