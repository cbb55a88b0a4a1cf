package bemble.app.export;

import bemble.app.export.PdfBook.Frame;
import bemble.paper.Area;
import java.util.ArrayList;
import java.util.List;

/**
 * A paper of several on a sheet. All lengths are points, from the upper left corner of the room for
 * papers.
 *
 * @param side the side of its squares
 */
record Tile(
    Frame frame, Area area, double left, double top, double width, double height, double side) {
  /**
   * The room for papers on a sheet.
   *
   * @param heading the height of a paper's heading above it
   * @param gap between papers
   */
  record Room(double width, double height, double heading, double gap) {}

  /** Papers in rows, on as many sheets as they need. */
  static List<List<Tile>> laid(List<Frame> frames, Room room, double side) {
    List<List<Tile>> sheets = new ArrayList<>();
    List<Tile> sheet = new ArrayList<>();
    double left = 0;
    double top = 0;
    double deepest = 0;
    for (Frame frame : frames) {
      Tile tile = of(frame, room, side);
      if (left > 0 && left + tile.width > room.width()) {
        left = 0;
        top += deepest + room.gap();
        deepest = 0;
      }
      if (top > 0 && top + tile.height > room.height()) {
        sheets.add(sheet);
        sheet = new ArrayList<>();
        left = 0;
        top = 0;
        deepest = 0;
      }
      sheet.add(new Tile(frame, tile.area, left, top, tile.width, tile.height, tile.side));
      left += tile.width + room.gap();
      deepest = Math.max(deepest, tile.height);
    }
    sheets.add(sheet);
    return sheets;
  }

  private static Tile of(Frame frame, Room room, double side) {
    Area area = PdfBook.used(frame.papers());
    int rows = PdfBook.rows(area);
    double fitting =
        Math.min(
            side, Math.min(room.width() / area.columns(), (room.height() - room.heading()) / rows));
    double height = rows * fitting + room.heading();
    return new Tile(frame, area, 0, 0, area.columns() * fitting, height, fitting);
  }
}
