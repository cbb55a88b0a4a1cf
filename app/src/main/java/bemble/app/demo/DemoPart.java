package bemble.app.demo;

import java.io.IOException;

/** Some of what the demo shows; made once, in the order of its parts. */
interface DemoPart {
  void make() throws IOException;
}
