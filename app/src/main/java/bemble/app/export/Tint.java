package bemble.app.export;

/** The colours of exported pages, the same as on the screen. */
enum Tint {
  BLACK(0x000000),
  TEXT(0x1F2A44),
  QUIET(0x4A5468),
  SMALL(0x7A2E5D),
  ACTION(0x24503F),
  RIGHT(0x2F6B52),
  EDGE(0x8FA89C),
  SQUARE(0xCBD8D6),
  BOX(0xB4B4B4),
  LINK(0xC98A1B),
  FRESH(0xF3D795),
  PAGE(0xFFFFFF);

  private final int rgb;

  Tint(int rgb) {
    this.rgb = rgb;
  }

  int rgb() {
    return rgb;
  }

  /** As CSS writes it: {@code #1F2A44}. */
  String css() {
    return String.format("#%06X", rgb);
  }
}
