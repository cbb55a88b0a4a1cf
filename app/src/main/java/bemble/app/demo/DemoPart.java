package bemble.app.demo;

import java.io.IOException;

/** A part of the demo data; made once, in the order of the parts. */
interface DemoPart {
  void make() throws IOException;
}
