package bemble.app.journey;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/** The lines of a PDF by their places, in points from the upper left corner. */
record PdfLines(List<Line> all) {
  /** Texts nearer to each other than this stand on one line. */
  private static final double SAME = 0.5;

  /** A run of letters on one line. */
  record Line(int page, String text, double left, double right, double base, double height) {
    private boolean overlaps(Line other) {
      boolean apart = left >= other.right || other.left >= right;
      double down = Math.abs(base - other.base);
      return page == other.page && !apart && down > SAME && down < Math.max(height, other.height);
    }
  }

  static PdfLines of(PDDocument document) throws IOException {
    List<Line> lines = new ArrayList<>();
    PDFTextStripper stripper =
        new PDFTextStripper() {
          @Override
          protected void writeString(String text, List<TextPosition> letters) {
            TextPosition first = letters.get(0);
            TextPosition last = letters.get(letters.size() - 1);
            lines.add(
                new Line(
                    getCurrentPageNo(),
                    text,
                    first.getXDirAdj(),
                    last.getXDirAdj() + last.getWidthDirAdj(),
                    first.getYDirAdj(),
                    first.getHeightDir()));
          }
        };
    stripper.setSortByPosition(true);
    stripper.getText(document);
    return new PdfLines(lines);
  }

  /** Each two lines that stand in each other. */
  List<String> overlapping() {
    List<String> found = new ArrayList<>();
    for (Line one : all) {
      for (Line other : all) {
        if (one.base < other.base && one.overlaps(other)) {
          found.add(one.text + " / " + other.text);
        }
      }
    }
    return found;
  }
}
